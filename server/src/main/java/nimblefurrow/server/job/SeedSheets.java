package nimblefurrow.server.job;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What goes into the box of a machine on a field, for whoever tells the driver. */
@Component
public class SeedSheets {
  private final SeedingSheet jobs;

  SeedSheets(SeedingSheet jobs) {
    this.jobs = jobs;
  }

  /**
   * One seed of a job.
   *
   * @param rateKgPerHa to be set where it goes: the lot's own, where a lot holds enough
   * @param kg for the field
   * @param lot to take; null where none holds enough
   */
  public record BoxSeed(
      String name, double rateKgPerHa, double kg, @Nullable String lot, boolean treated) {}

  /**
   * A job on a machine.
   *
   * @param setting to begin with; null where it was never set for this seed
   * @param note on that setting
   * @param loads of the box; null where that is not known
   * @param rateFor the way of seeding the rates are for, where this machine is for another
   * @param rows what to set so that rows come to lie as planned; empty where nobody said
   */
  public record BoxSheet(
      List<BoxSeed> seeds,
      @Nullable Double setting,
      @Nullable ReasonView note,
      @Nullable Integer loads,
      @Nullable Double kgPerLoad,
      @Nullable String rateFor,
      List<ReasonView> rows) {}

  /**
   * What goes out on a field with a machine. Where the field's own plan is for another kind of
   * machine, only the seed is known: no setting, no loads.
   *
   * @throws NotFound when there is no such field or cover
   */
  public @Nullable BoxSheet of(UUID farmId, UUID fieldId, UUID machineId) {
    JobViews.JobView job = jobs.job(farmId, fieldId);
    List<BoxSeed> seeds = job.seeds().stream().map(s -> seed(job.plan(), s)).toList();
    if (seeds.isEmpty()) {
      return null;
    }
    return job.machines().stream()
        .filter(m -> m.machine().id().equals(machineId))
        .findFirst()
        .map(
            m ->
                new BoxSheet(
                    seeds,
                    m.settingForTarget(),
                    m.settingNote(),
                    m.loads().loads(),
                    m.loads().kgPerLoad(),
                    null,
                    job.rows() == null ? List.of() : job.rows().words()))
        .orElseGet(() -> new BoxSheet(seeds, null, null, null, null, job.methodLabel(), List.of()));
  }

  private static BoxSeed seed(@Nullable PlanInput plan, JobViews.SeedOfJob s) {
    JobViews.LotOfJob lot =
        s.lots().stream().filter(JobViews.LotOfJob::enough).findFirst().orElse(null);
    if (lot == null) {
      double rate = plan == null ? s.rateKgPerHa() : plan.setKgPerHa(s.species(), s.rateKgPerHa());
      return new BoxSeed(s.name(), rate, s.seedKg(), null, false);
    }
    String no = lot.lot().lotNo().isBlank() ? lot.lot().supplier() : lot.lot().lotNo();
    return new BoxSeed(s.name(), lot.rateKgPerHa(), lot.seedKg(), no, lot.lot().treated());
  }
}
