package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.count.KillSeen;
import nimblefurrow.core.count.WeedsSeen;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.RipeSeen;
import nimblefurrow.core.ending.SecondPass;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.work.FieldJob.Alternative;
import org.jspecify.annotations.Nullable;

/** Ending a cover, and the second pass where one is not all. */
final class EndingJobs {
  private static final int EARLIER_DAYS = 10;
  private static final int LATER_DAYS = 14;

  /** Stock is put on or taken off, by whoever has time, h. Working value. */
  private static final double STOCK_H = 2;

  private final WorkFrame frame;
  private final JobList list;

  EndingJobs(WorkFrame frame, JobList list) {
    this.frame = frame;
    this.list = list;
  }

  /** Adds the ending round its planned day; its index, or −1 when it is done. */
  int add(WorkField f, WorkField.Covered c, int planned, @Nullable After after) {
    WorkSpan span = frame.span();
    EndingMethod method = c.ending();
    int first = span.clamp(planned - EARLIER_DAYS);
    int last = span.clamp(planned + LATER_DAYS);
    RipeSeen ripe = RipeSeen.of(c.plan(), method).orElse(null);
    // What was seen in the field outranks the day that was meant.
    if (ripe != null && span.index(ripe.until()) >= 0) {
      first = span.clamp(span.index(ripe.on()));
      last = span.clamp(span.index(ripe.until()));
    }
    double[] share = frame.shares().ending(f, method, span, span.day(first), span.day(last));
    MachineWork work = method.traits().work();
    double rest = 1 - f.standing().ending().share();
    List<Alternative> ways = new ArrayList<>();
    for (int d : frame.who(w -> w.does(work))) {
      Doer doer = frame.doers().get(d);
      double hours = rest * (work == null ? STOCK_H : doer.hours(f.areaHa()));
      double[] value =
          JobWorth.goal(
              f.areaHa(),
              frame.goalUsdPerHa(),
              share,
              JobWorth.ENDED_ANYWAY,
              doer.usd(f.areaHa(), hours, 0),
              first,
              last);
      ways.add(
          new Alternative(
              new Option(d, method.label(), hours, first, last, value), method.key(), share));
    }
    return list.add(f, JobKind.END.on(f.link()), method.label(), ways, after, null);
  }

  private static @Nullable SecondPass usual(WorkField.Covered c) {
    return c.ending()
        .secondPass(c.plan().cover().stream().map(CoverComponent::species).toList())
        .orElse(null);
  }

  /**
   * Adds the second pass behind an ending, planned or done, behind a count that found too much
   * alive, or behind a rating of too many weeds in the crop.
   *
   * @param end index of the ending; −1 when it is done
   * @param planned day of the ending; −1 when it is done
   */
  void second(WorkField f, WorkField.Covered c, int end, int planned) {
    KillSeen survivors = f.survivors();
    WeedsSeen weeds = f.weedy();
    SecondPass pass;
    LocalDate ended;
    if (survivors != null) {
      pass = SecondPass.ofSurvivors(c.ending(), f.organic());
      ended = survivors.on();
    } else if (weeds != null) {
      pass = SecondPass.rescue(f.organic(), weeds.on(), f.next().plantOn());
      ended = weeds.on();
    } else {
      pass = usual(c);
      ended = f.endedOn();
    }
    if (pass == null || end < 0 && ended == null) {
      return;
    }
    WorkSpan span = frame.span();
    int from = ended == null ? planned - EARLIER_DAYS : span.index(ended);
    int to = ended == null ? planned + LATER_DAYS : span.index(ended);
    if (ended != null && to + pass.most() < 0) {
      return;
    }
    int first = span.clamp(from + pass.least());
    int last = span.clamp(to + pass.most());
    List<Alternative> ways = new ArrayList<>();
    for (int d : frame.who(w -> w.does(pass.work()))) {
      Doer doer = frame.doers().get(d);
      double hours = doer.hours(f.areaHa());
      double[] value =
          JobWorth.secondPass(
              f.areaHa(),
              frame.goalUsdPerHa(),
              span.days(),
              first,
              last,
              doer.usd(f.areaHa(), hours, 0));
      ways.add(
          new Alternative(
              new Option(d, pass.label(), hours, first, last, value), pass.work().key()));
    }
    After after = end < 0 ? null : new After(end, pass.least(), pass.most() + 1);
    list.add(f, JobKind.SECOND.on(f.link()), pass.label(), ways, after, null);
  }
}
