package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.weather.Sky;

/**
 * One season of a plan whose cover is left to grow, with its state on some days: a way of ending it
 * is the same season up to its first act, so it is run from shortly before that only. Immutable.
 */
public final class GrowingRun {
  static final int STEP_DAYS = 8;

  private final SeasonModel model;
  private final Sources of;
  private final SeasonRun run;
  private final List<SeasonState> states;

  /** What a run is made from, and how much of it is kept. */
  record Sources(Sky sky, CropColumns crop, SeasonPlan plan, SeasonColumns.Detail detail) {}

  GrowingRun(SeasonModel model, Sources of, SeasonRun run, List<SeasonState> states) {
    this.model = model;
    this.of = of;
    this.run = run;
    this.states = List.copyOf(states);
  }

  /** {@return the season, the cover left to grow} */
  public SeasonRun run() {
    return run;
  }

  /**
   * {@return the same season with its cover ended: the days as if it had been run from the start}
   *
   * @param endings how it ends, each after its seeding; none leaves it to grow
   */
  public SeasonRun ended(List<Ending> endings) {
    if (endings.isEmpty()) {
      return run;
    }
    SeasonPlan plan = of.plan().ending(endings);
    LocalDate first = plan.endings().get(0).on();
    SeasonState before = null;
    for (SeasonState s : states) {
      if (s.day().isBefore(first)) {
        before = s;
      }
    }
    return before == null
        ? model.run(of.sky(), of.crop(), plan, of.detail())
        : model.branch(of, plan, before, run.columns());
  }
}
