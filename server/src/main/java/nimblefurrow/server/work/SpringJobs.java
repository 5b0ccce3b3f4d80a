package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.ending.SecondPass;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.server.ending.OpenFollowUp;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import org.jspecify.annotations.Nullable;

/** Ending the cover, its second pass, planting, and what is to be looked at. */
final class SpringJobs {
  private static final int EARLIER_DAYS = 10;
  private static final int LATER_DAYS = 14;
  private static final int WAIT_FOR_GROUND_DAYS = 14;
  private static final double LOOK_H = 0.5;
  private static final double STOCK_H = 2;

  private final JobFrame frame;
  private final JobList list;

  SpringJobs(JobFrame frame, JobList list) {
    this.frame = frame;
    this.list = list;
  }

  /** Ending and planting in the order the way of ending asks for. */
  void end(PlannedField f, CoverPlan cover, Purpose purpose, boolean plantsToo) {
    if (f.plan() == null) {
      return;
    }
    EndingMethod way = EndingMethod.of(f.plan().plan().ending());
    int planned = frame.index(cover.endOn());
    PlantingLag lag = way.lag(cover, f.next().kind());
    boolean plants = plantsToo && plants(f);
    boolean ends =
        f.standing().ending().due()
            && way.modelled()
            && !way.ofItself()
            && planned < frame.days() - 5;
    boolean greenFirst = lag.plantsFirst();
    int plant = plants && (greenFirst || !ends) ? plant(f, null) : -1;
    int end = -1;
    if (ends) {
      After after = plant >= 0 && greenFirst ? new After(plant, -lag.most(), -lag.least()) : null;
      end = ending(f, cover, purpose, way, Math.max(0, planned), after);
    }
    if (plants && plant < 0) {
      plant(f, end < 0 ? null : new After(end, Math.max(0, lag.least()), latest(lag)));
    }
    second(f, cover, way, end, ends ? planned : -1);
  }

  /** A planter that goes with the roller goes with it; one that waits may wait for the ground. */
  private static int latest(PlantingLag lag) {
    return lag.least() > 0 ? lag.most() + WAIT_FOR_GROUND_DAYS : Math.max(0, lag.most());
  }

  /** Planting of a field that has no cover. */
  void plant(PlannedField f) {
    if (plants(f)) {
      plant(f, null);
    }
  }

  private boolean plants(PlannedField f) {
    int on = frame.index(f.standing().planting().day());
    return f.standing().planting().due() && on >= 0 && on < frame.days() - 5;
  }

  private int ending(
      PlannedField f,
      CoverPlan cover,
      Purpose purpose,
      EndingMethod way,
      int planned,
      @Nullable After after) {
    int first = frame.clamp(planned - EARLIER_DAYS);
    int last = frame.clamp(planned + LATER_DAYS);
    double[] odds =
        frame.worths().ending(frame, cover, way, f, purpose, frame.day(first), frame.day(last));
    MachineWork work = way.traits().work();
    List<JobList.Offer> offers = new ArrayList<>();
    // Stock is taken off by whoever has time.
    for (int d : frame.who(w -> work == null ? w.machine() == null : w.does(work))) {
      double hours = (1 - f.standing().ending().share()) * (work == null ? STOCK_H : hours(f, d));
      double[] value =
          JobWorth.goal(
              f.field().areaHa(),
              frame.goalUsdPerHa(),
              odds,
              JobWorth.ENDED_ANYWAY,
              frame.doers().get(d).usd(f.field().areaHa(), hours),
              first,
              last);
      offers.add(
          new JobList.Offer(
              new Option(d, way.label(), hours, first, last, value), way.key(), odds));
    }
    return list.add(f, "end", way.label(), offers, after);
  }

  private void second(PlannedField f, CoverPlan cover, EndingMethod way, int end, int planned) {
    SecondPass pass =
        way.secondPass(cover.cover().stream().map(CoverComponent::species).toList()).orElse(null);
    LocalDate ended = f.endedOn();
    if (pass == null || end < 0 && ended == null) {
      return;
    }
    int from = ended == null ? planned - EARLIER_DAYS : frame.index(ended);
    int first = frame.clamp(from + pass.least());
    int last =
        frame.clamp((ended == null ? planned + LATER_DAYS : frame.index(ended)) + pass.most());
    if (ended != null && frame.index(ended) + pass.most() < 0) {
      return;
    }
    List<JobList.Offer> offers = new ArrayList<>();
    for (int d : frame.who(w -> w.does(pass.work()))) {
      double hours = hours(f, d);
      double cost = frame.doers().get(d).usd(f.field().areaHa(), hours);
      double[] value =
          JobWorth.secondPass(
              f.field().areaHa(), frame.goalUsdPerHa(), frame.days(), first, last, cost);
      offers.add(
          new JobList.Offer(new Option(d, pass.label(), hours, first, last, value), "second"));
    }
    After after = end < 0 ? null : new After(end, pass.least(), pass.most() + 1);
    list.add(f, "second", pass.label(), offers, after);
  }

  private int plant(PlannedField f, @Nullable After after) {
    LatePlanting curve = frame.rules().late(f.next().kind());
    int wish = frame.index(f.standing().planting().day());
    int first = Math.max(soonest(f), wish - 7);
    int last =
        Math.min(
            frame.days() - 1,
            Math.max(wish + 10, frame.index(curve.lastOn().atYear(f.next().plantOn().getYear()))));
    String words = "plant " + f.next().kind().label();
    double[] value =
        JobWorth.planting(f.field().areaHa(), curve, frame.start(), frame.days(), first, last);
    List<JobList.Offer> offers = new ArrayList<>();
    for (int d : frame.who(w -> w.does(MachineWork.PLANT))) {
      offers.add(new JobList.Offer(new Option(d, words, hours(f, d), first, last, value), "plant"));
    }
    return list.add(f, "plant", words, offers, after);
  }

  /** Where the cover is ended already, the days its way asks for before planting. */
  private int soonest(PlannedField f) {
    LocalDate ended = f.endedOn();
    CoverPlan cover = f.cover();
    if (ended == null || cover == null || f.plan() == null) {
      return 0;
    }
    EndingMethod way = EndingMethod.of(f.plan().plan().ending());
    int least = way.lag(cover, f.next().kind()).least();
    return frame.clamp(Math.max(0, frame.index(ended) + Math.max(0, least)));
  }

  /** Something taken on from a watch list, by anyone on foot. */
  void look(PlannedField f, OpenFollowUp up) {
    int last = frame.index(up.dueTo());
    int first = Math.max(0, frame.index(up.dueFrom()));
    if (first >= frame.days()) {
      return;
    }
    last = frame.clamp(Math.max(0, last));
    double[] value = JobWorth.look(frame.days(), first, last);
    List<JobList.Offer> offers = new ArrayList<>();
    for (int d : frame.who(w -> w.machine() == null)) {
      offers.add(
          new JobList.Offer(new Option(d, up.words(), LOOK_H, first, last, value), up.kind()));
    }
    list.add(f, "look:" + up.kind(), up.words(), offers, null);
  }

  private double hours(PlannedField f, int doer) {
    return f.field().areaHa()
        / java.util.Objects.requireNonNull(frame.doers().get(doer).machine()).haPerHour();
  }
}
