package nimblefurrow.server.work;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.DoubleConsumer;
import nimblefurrow.core.schedule.Replay;
import nimblefurrow.core.schedule.WorkPlan;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.units.Usual;
import nimblefurrow.core.work.FarmWork;
import nimblefurrow.core.work.FieldJob;
import nimblefurrow.core.work.YearsOfWork;
import nimblefurrow.server.ending.EndingRulesOf;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is asked of the kept plan: why here, and how good are its odds. Callers have checked. */
@Service
class WorkQuestions {
  private static final int RISKY_SHOWN = 8;
  private static final int MORE_SHOWN = 4;

  private final WorkBuilder builder;
  private final PlanKeeping work;
  private final EndingRulesOf rules;

  WorkQuestions(WorkBuilder builder, PlanKeeping work, EndingRulesOf rules) {
    this.builder = builder;
    this.work = work;
    this.rules = rules;
  }

  /** What is to be laid out on a farm now. */
  WorkBuilder.Built built(UUID farmId, double usdPerMove, double goal, DoubleConsumer told) {
    return builder.build(farmId, usdPerMove, goal, rules.of(farmId), told);
  }

  /**
   * Where a job could stand: what the plan would gain or lose there.
   *
   * @param runId the proposal it is asked of; null for the kept plan
   */
  List<WorkViews.ElsewhereView> elsewhere(
      UUID farmId, UUID fieldId, String name, @Nullable UUID runId) {
    FarmWork b =
        builder
            .build(
                farmId,
                work.plan(farmId, runId),
                0,
                Usual.of("goalWorth"),
                rules.of(farmId),
                share -> {})
            .work();
    int job = b.job(fieldId, name);
    if (job < 0) {
      throw new NotFound("This job is done, or its window has passed.");
    }
    Kept kept = b.problem().jobs().get(job).kept();
    return Replay.elsewhere(b.problem(), job).stream()
        .map(
            e ->
                new WorkViews.ElsewhereView(
                    b.doers().get(e.machine()).id(),
                    b.doers().get(e.machine()).name(),
                    b.jobs().get(job).alternatives().get(e.option()).label(),
                    b.problem().start().plusDays(e.start()),
                    e.value(),
                    reaches(b.jobs().get(job).alternatives().get(e.option()), e.start()),
                    e.pins(),
                    kept != null && kept.machine() == e.machine() && kept.start() == e.start()))
        .toList();
  }

  private static @Nullable Double reaches(FieldJob.Alternative way, int day) {
    double[] share = way.share();
    return share == null ? null : share[day];
  }

  /** The kept plan in every year's workable days. */
  WorkViews.OddsView odds(UUID farmId) {
    WorkBuilder.Built built = built(farmId, 0, Usual.of("goalWorth"), share -> {});
    FarmWork b = built.work();
    List<Integer> kept = new ArrayList<>();
    for (int j = 0; j < b.jobs().size(); j++) {
      if (b.problem().jobs().get(j).kept() != null) {
        kept.add(j);
      }
    }
    int years = b.weather().years();
    int[] done = new int[b.jobs().size()];
    List<Integer> byYear = new ArrayList<>();
    List<WorkProblem> frames = new ArrayList<>();
    for (int y = 0; y < years; y++) {
      WorkProblem under = YearsOfWork.under(b, y);
      frames.add(under);
      WorkPlan plan = Replay.of(under);
      plan.placed().forEach(p -> done[p.job()]++);
      byYear.add(plan.placed().size());
    }
    Collections.sort(byYear);
    List<WorkViews.JobOdds> risky =
        kept.stream()
            .filter(j -> done[j] < years)
            .sorted(Comparator.comparing(j -> done[j]))
            .limit(RISKY_SHOWN)
            .map(
                j ->
                    new WorkViews.JobOdds(
                        b.jobs().get(j).field().id(),
                        b.jobs().get(j).field().name(),
                        b.jobs().get(j).job(),
                        b.jobs().get(j).kind(),
                        done[j],
                        years))
            .toList();
    return new WorkViews.OddsView(
        kept.size(),
        years,
        byYear,
        risky,
        more(b, frames, byYear),
        b.problem().start(),
        new WorkPlans(built).lanes(Replay.of(b.problem())));
  }

  /** One more whole day of each machine, a week or two ahead: how many more jobs a year. */
  private static List<WorkViews.OneMoreDay> more(
      FarmWork b, List<WorkProblem> frames, List<Integer> byYear) {
    double usual = byYear.stream().mapToInt(i -> i).average().orElse(0);
    List<WorkViews.OneMoreDay> all = new ArrayList<>();
    for (int m = 0; m < b.doers().size(); m++) {
      for (int day : new int[] {3, 10, 17, 24}) {
        if (day >= b.problem().days() || frames.isEmpty() || b.doers().get(m).machine() == null) {
          continue;
        }
        double sum = 0;
        for (WorkProblem f : frames) {
          sum += Replay.of(YearsOfWork.oneMoreDay(b, f, m, day)).placed().size();
        }
        double gain = sum / frames.size() - usual;
        if (gain > 0.05) {
          all.add(
              new WorkViews.OneMoreDay(
                  b.doers().get(m).name(), b.problem().start().plusDays(day), gain));
        }
      }
    }
    all.sort(Comparator.comparing(o -> -o.moreJobs()));
    return all.stream().limit(MORE_SHOWN).toList();
  }
}
