package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.work.JobKind;
import org.jspecify.annotations.Nullable;

/** The work as the wire shows and takes it. */
final class WorkViews {
  private WorkViews() {}

  /** Hours of someone on a day; no name where the machine brings its own crew. */
  record Shift(LocalDate day, @Nullable String person, double hours) {}

  /**
   * A job of the kept plan.
   *
   * @param customer the farm worked for; null on the own farm
   * @param job its name on its field: a kind, or {@code look:} and what is looked at
   * @param doer the machine, or who goes on foot
   * @param shareDone how much of it is done, 0..1
   */
  record ItemView(
      UUID id,
      UUID fieldId,
      String field,
      @Nullable UUID customerId,
      @Nullable String customer,
      String job,
      JobKind kind,
      String way,
      String label,
      UUID doerId,
      String doer,
      LocalDate startOn,
      LocalDate finishOn,
      double hours,
      double shareDone,
      List<Shift> segments) {}

  /**
   * A job of a proposal.
   *
   * @param key for keeping it
   * @param change against the kept plan
   * @param wasDoer before, when it was kept otherwise
   * @param value money it brings by the plan's reckoning
   */
  record ProposedItem(
      String key,
      UUID fieldId,
      String field,
      @Nullable UUID customerId,
      @Nullable String customer,
      String job,
      JobKind kind,
      String way,
      String label,
      UUID doerId,
      String doer,
      LocalDate startOn,
      LocalDate finishOn,
      double hours,
      double value,
      ItemChange change,
      @Nullable String wasDoer,
      @Nullable LocalDate wasOn,
      List<Shift> segments) {}

  /** A job that is left out, and why in a sentence. */
  record LeftItem(
      UUID fieldId,
      String field,
      @Nullable String customer,
      String job,
      JobKind kind,
      String words,
      String why) {}

  /** Hours asked and hours there are, by day from the plan's first. */
  record LaneView(String name, boolean person, List<Double> asked, List<Double> there) {}

  /**
   * What a laying-out proposes.
   *
   * @param value money of all its jobs
   * @param keptValue money of the kept plan walked again today
   * @param byHand money of taking what is due first
   * @param steps how the value rose
   * @param notes what could not be taken into the plan, in sentences
   */
  record Proposal(
      LocalDate start,
      double value,
      double keptValue,
      double byHand,
      double roadKm,
      List<ProposedItem> items,
      List<LeftItem> left,
      List<LaneView> lanes,
      List<Double> steps,
      @Nullable List<String> notes) {}

  /**
   * A laying-out.
   *
   * @param ahead how many others wait that were asked for earlier
   * @param reasons why the program laid out again by itself; none when someone asked
   * @param since what has changed since it was laid out: then it cannot be kept
   */
  record RunView(
      UUID id,
      RunState state,
      String askedBy,
      double seconds,
      int ahead,
      double progress,
      @Nullable Double value,
      @Nullable String trouble,
      List<String> reasons,
      List<String> since,
      @Nullable Proposal proposal) {}

  /** What to lay out, for how long, and at what prices. */
  record RunInput(
      @Nullable Double seconds, @Nullable Double usdPerMove, @Nullable Double goalUsdPerHa) {}

  /** Which jobs of a proposal to keep; all when none are named. */
  record KeepInput(UUID runId, @Nullable List<String> keys) {}

  /** The kept plan, and what is settled about jobs. */
  record WorkView(LocalDate today, List<ItemView> items, List<PinView> pins) {}

  /**
   * How much of a job is done; a job wholly done is logged on its field.
   *
   * @param day on which it was done; today when not said
   */
  record DoneItem(double share, @Nullable LocalDate day) {}

  /**
   * What is settled about a job.
   *
   * @param day it begins on; null for any
   * @param onlyDoer the one that may do it; null for any
   * @param neverDoers those that may not
   */
  record PinView(
      UUID fieldId,
      String job,
      @Nullable LocalDate day,
      @Nullable UUID onlyDoer,
      List<UUID> neverDoers) {}

  /** What is to be settled about a job; nothing of it lifts the pin. */
  record PinInput(
      @Nullable LocalDate day, @Nullable UUID onlyDoer, @Nullable List<UUID> neverDoers) {}

  /**
   * Where else a job could stand.
   *
   * @param usd what the whole plan would gain; negative is what it would cost
   * @param reaches share of the field's goal in the mean of the years, done on that day
   * @param pins whether all that is pinned stays as it is
   */
  record ElsewhereView(
      UUID doerId,
      String doer,
      String label,
      LocalDate startOn,
      double usd,
      @Nullable Double reaches,
      boolean pins,
      boolean here) {}

  /**
   * Odds of one job.
   *
   * @param done years in which the kept plan gets it done in time
   */
  record JobOdds(UUID fieldId, String field, String job, JobKind kind, int done, int years) {}

  /** What one more day of a machine would bring. */
  record OneMoreDay(String machine, LocalDate day, double moreJobs) {}

  /**
   * The kept plan walked through every year's workable days, nothing laid out anew.
   *
   * @param jobsDone how many jobs get done, by year, fewest first
   * @param lanes hours the kept plan asks of machines and people, by day from {@code start}
   */
  record OddsView(
      int jobs,
      int years,
      List<Integer> jobsDone,
      List<JobOdds> risky,
      List<OneMoreDay> more,
      LocalDate start,
      List<LaneView> lanes) {}
}
