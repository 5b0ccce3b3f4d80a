package nimblefurrow.core.work;

import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.schedule.WorkProblem.After;

/** Ending a cover, its second pass and planting, in the order the way of ending asks for. */
final class SpringJobs {
  /** What lies this near to the end of the plan is left to the next one. */
  private static final int TOO_NEAR_DAYS = 5;

  private static final int WAIT_FOR_GROUND_DAYS = 14;

  private final WorkSpan span;
  private final EndingJobs endings;
  private final PlantingJobs plantings;

  SpringJobs(WorkFrame frame, JobList list) {
    span = frame.span();
    endings = new EndingJobs(frame, list);
    plantings = new PlantingJobs(frame, list);
  }

  /** Adds what a field with a cover asks for; the index of its ending, or −1. */
  int add(WorkField f, WorkField.Covered c) {
    int planned = span.index(c.plan().endOn());
    PlantingLag lag = c.ending().lag(c.plan(), f.next().kind());
    boolean plants = f.ours() && plants(f);
    boolean ends =
        f.standing().ending().due()
            && c.ending().modelled()
            && !c.ending().ofItself()
            && planned < span.days() - TOO_NEAR_DAYS;
    boolean greenFirst = lag.plantsFirst();
    int plant = plants && (greenFirst || !ends) ? plantings.add(f, soonest(f, c), null) : -1;
    int end = -1;
    if (ends) {
      After after = plant >= 0 && greenFirst ? new After(plant, -lag.most(), -lag.least()) : null;
      end = endings.add(f, c, Math.max(0, planned), after);
    }
    if (plants && plant < 0) {
      After after = end < 0 ? null : new After(end, Math.max(0, lag.least()), latest(lag));
      plantings.add(f, soonest(f, c), after);
    }
    endings.second(f, c, end, ends ? planned : -1);
    return end;
  }

  /** Adds the planting of a field that has no cover. */
  void plant(WorkField f) {
    if (plants(f)) {
      plantings.add(f, 0, null);
    }
  }

  /** A planter that goes with the roller goes with it; one that waits may wait for the ground. */
  private static int latest(PlantingLag lag) {
    return lag.least() > 0 ? lag.most() + WAIT_FOR_GROUND_DAYS : Math.max(0, lag.most());
  }

  private boolean plants(WorkField f) {
    int on = span.index(f.standing().planting().day());
    return f.standing().planting().due() && on >= 0 && on < span.days() - TOO_NEAR_DAYS;
  }

  /** Where the cover is ended already, the days its way asks for before planting. */
  private int soonest(WorkField f, WorkField.Covered c) {
    if (f.endedOn() == null) {
      return 0;
    }
    int least = c.ending().lag(c.plan(), f.next().kind()).least();
    return span.clamp(Math.max(0, span.index(f.endedOn()) + Math.max(0, least)));
  }
}
