package nimblefurrow.server.work;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import nimblefurrow.core.schedule.Annealing;
import nimblefurrow.core.schedule.Greedy;
import nimblefurrow.core.schedule.PlanCheck;
import nimblefurrow.core.schedule.Replay;
import nimblefurrow.core.schedule.WorkPlan;
import nimblefurrow.core.schedule.WorkPlanner;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Takes layings-out from the database one at a time. A server that goes silent loses its run to
 * another, or to itself after a restart.
 */
@Component
class WorkWorker {
  private static final Logger LOG = LoggerFactory.getLogger(WorkWorker.class);
  private static final Duration SILENT = Duration.ofSeconds(20);
  private static final double BUILDING = 0.3;
  private static final long BEAT_MS = 400;

  private final WorkRuns runs;
  private final WorkQuestions questions;
  private final TransactionTemplate transaction;
  private final Clock clock;
  private final WorkPlanner planner = new Annealing();

  WorkWorker(WorkRuns runs, WorkQuestions questions, TransactionTemplate transaction, Clock clock) {
    this.runs = runs;
    this.questions = questions;
    this.transaction = transaction;
    this.clock = clock;
  }

  @Scheduled(fixedDelay = 300)
  void takeOne() {
    List<WorkRun> taken = new ArrayList<>();
    transaction.executeWithoutResult(
        status ->
            runs.next(Instant.now(clock).minus(SILENT))
                .ifPresent(
                    r -> {
                      r.state = "running";
                      r.heartbeatAt = Instant.now(clock);
                      taken.add(r);
                    }));
    taken.forEach(this::run);
  }

  private void run(WorkRun run) {
    try {
      WorkViews.Proposal proposal = lay(run);
      finish(run, runs.stopped(run.id) ? "stopped" : "done", proposal, null);
    } catch (RuntimeException e) {
      LOG.warn("a laying-out failed", e);
      boolean said = e instanceof IllegalArgumentException || e instanceof InputProblem;
      String sentence = said ? e.getMessage() : null;
      finish(
          run,
          "failed",
          null,
          sentence == null ? "Something broke; nothing was changed." : sentence);
    }
  }

  private void finish(
      WorkRun run, String state, WorkViews.@Nullable Proposal proposal, @Nullable String trouble) {
    transaction.executeWithoutResult(
        status -> {
          WorkRun stored = runs.findById(run.id).orElse(null);
          if (stored != null) {
            stored.state = state;
            stored.progress = 1;
            stored.result = proposal;
            stored.money = proposal == null ? null : proposal.value();
            stored.trouble = trouble;
          }
        });
  }

  private WorkViews.Proposal lay(WorkRun run) {
    Pulse pulse = new Pulse(run);
    WorkBuilder.Built b =
        questions.built(
            run.farmId,
            run.usdPerMove,
            run.goalUsdPerHa,
            share -> pulse.beat(BUILDING * share, null));
    double kept = Replay.of(b.problem()).value();
    double byHand = Greedy.earliestDueFirst(b.problem()).value();
    List<Double> steps = new CopyOnWriteArrayList<>();
    long began = System.nanoTime();
    WorkPlan plan =
        planner.plan(
            b.problem(),
            run.id.getLeastSignificantBits(),
            () -> {
              double used = (System.nanoTime() - began) / 1e9 / run.seconds;
              boolean stopped =
                  pulse.beat(
                      BUILDING + (1 - BUILDING) * Math.min(1, used),
                      steps.isEmpty() ? null : steps.get(steps.size() - 1));
              return stopped ? 1 : used;
            },
            steps::add);
    PlanCheck.Found found = PlanCheck.of(b.problem(), plan);
    if (!found.broken().isEmpty()) {
      throw new IllegalStateException("a plan breaks rules: " + found.broken());
    }
    return WorkPlans.proposal(b, plan, kept, byHand, List.copyOf(steps));
  }

  /** Tells the database now and then that the run goes on, and hears whether to stop. */
  private final class Pulse {
    private final WorkRun run;
    private long last;
    private volatile boolean stopped;

    Pulse(WorkRun run) {
      this.run = run;
    }

    synchronized boolean beat(double progress, @Nullable Double money) {
      long now = System.currentTimeMillis();
      if (now - last >= BEAT_MS) {
        last = now;
        transaction.executeWithoutResult(
            status -> {
              runs.beat(run.id, Instant.now(clock), progress, money);
              stopped = runs.stopped(run.id);
            });
      }
      return stopped;
    }
  }
}
