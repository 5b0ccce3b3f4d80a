package nimblefurrow.server.job;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.bench.LoadView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.RowSetupView;
import nimblefurrow.server.seedstock.LotView;
import nimblefurrow.server.shed.CalibrationView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.support.KeyOf;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** A seeding job as the wire shows and takes it. */
final class JobViews {
  private JobViews() {}

  /**
   * One field's seeding job.
   *
   * @param seeds what goes into the box
   * @param machines those that can do it, with their loads
   * @param rows how the seed stands between the rows of a crop; null where nobody said
   * @param done what was logged of it, newest first
   * @param doneHa area done so far
   */
  record JobView(
      UUID fieldId,
      String field,
      double areaHa,
      boolean organic,
      @Nullable PlanInput plan,
      String methodLabel,
      double rateKgPerHa,
      double bulkDensityKgPerM3,
      List<SeedOfJob> seeds,
      List<MachineOfJob> machines,
      @Nullable RowsOfJob rows,
      List<Seeding> done,
      double doneHa,
      List<ReasonView> cautions) {}

  /**
   * How the seed of a job stands.
   *
   * @param coverRowsM where its rows lie in a gap, from a crop row towards the next
   * @param words what to set, in its order
   */
  record RowsOfJob(RowSetupView setup, List<Double> coverRowsM, List<ReasonView> words) {}

  /** Rows that are only thought of, with the seed they are for. */
  record RowsAsked(
      RowSetupView rows,
      @KeyOf(KeyOf.What.SEEDING_METHOD) String method,
      List<PlanInput.Component> components) {}

  /**
   * One species of a job.
   *
   * @param rateKgPerHa as planned, for usual seed
   * @param seedKg for the whole field
   * @param lots in stock, with the rate each needs for the same live seeds
   */
  record SeedOfJob(
      String species,
      String name,
      double rateKgPerHa,
      double liveSeedsPerM2,
      double seedKg,
      double depthLowMm,
      double depthHighMm,
      List<LotOfJob> lots) {}

  /**
   * A lot and the bulk rate that puts the planned live seeds out, as it is set where the seed goes.
   *
   * @param offered whether it may go onto the field
   * @param papers why it may not, or what is still missing; null when nothing is
   */
  record LotOfJob(
      LotView lot,
      double leftKg,
      double rateKgPerHa,
      double seedKg,
      boolean enough,
      boolean offered,
      @Nullable ReasonView papers) {}

  /**
   * A machine for the job.
   *
   * @param hours for the field, all counted
   * @param usd of machine and operator
   * @param memory what was found when it was last set for one of these seeds; null when never
   * @param settingForTarget what that suggests now; null when nothing is known
   */
  record MachineOfJob(
      MachineView machine,
      double swathM,
      boolean swathProven,
      LoadView loads,
      double hours,
      double usd,
      @Nullable CalibrationView memory,
      @Nullable Double settingForTarget,
      @Nullable ReasonView settingNote,
      @Nullable Double chartCorrection) {}

  /**
   * What is to be logged of a seeding; the bearing is degrees from north.
   *
   * @param sideDress nitrogen that went out in the same pass; null without
   */
  record SeedingInput(
      LocalDate doneOn,
      @Nullable UUID machineId,
      double areaHa,
      double targetKgPerHa,
      double seedKg,
      @Nullable Double setting,
      @Nullable Double bearingDeg,
      @Nullable Double hours,
      RowSetupView.@Nullable SideDressed sideDress,
      List<LotShare> lots,
      String words) {}

  /** Seed out of one lot. */
  record LotShare(UUID lotId, double kg) {}

  /**
   * A seeding as done.
   *
   * @param offByFraction achieved over target, less 1
   */
  record Seeding(
      UUID id,
      LocalDate doneOn,
      @Nullable UUID machineId,
      @Nullable String machine,
      double areaHa,
      double targetKgPerHa,
      double rateKgPerHa,
      double offByFraction,
      double seedKg,
      @Nullable Double setting,
      String words) {}

  /** What of a species the season's plans still need, and what is in the bin. */
  record SeedNeed(
      String species,
      String name,
      boolean organic,
      boolean untreated,
      double needKg,
      double stockKg,
      double buyKg,
      double usd,
      List<String> fields) {}
}
