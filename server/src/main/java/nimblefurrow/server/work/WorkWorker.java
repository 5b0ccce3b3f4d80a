package nimblefurrow.server.work;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import nimblefurrow.core.schedule.Annealing;
import nimblefurrow.core.schedule.Greedy;
import nimblefurrow.core.schedule.PlanCheck;
import nimblefurrow.core.schedule.Replay;
import nimblefurrow.core.schedule.WorkPlan;
import nimblefurrow.core.schedule.WorkPlanner;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.Looking;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Works on layings-out that the scheduler hands it. Each taking makes an owner of its own: a server
 * that was silent, and whose work another took up, can write nothing of it any more.
 */
@Component
class WorkWorker {
  private static final Logger LOG = LoggerFactory.getLogger(WorkWorker.class);
  private static final double BUILDING = 0.3;
  private static final long BEAT_MS = 400;

  private final WorkRuns runs;
  private final WorkQuestions questions;
  private final Circumstances circumstances;
  private final TransactionTemplate transaction;
  private final Looking looking;
  private final WorkPlanner planner = new Annealing();

  WorkWorker(
      WorkRuns runs,
      WorkQuestions questions,
      Circumstances circumstances,
      TransactionTemplate transaction,
      Looking looking) {
    this.looking = looking;
    this.runs = runs;
    this.questions = questions;
    this.circumstances = circumstances;
    this.transaction = transaction;
  }

  /** Someone else has taken it up, or it is over. */
  private static final class Lost extends RuntimeException {
    private static final long serialVersionUID = 1;
  }

  /** Lays out; what is over already is left alone. */
  void run(UUID id) {
    UUID owner = UUID.randomUUID();
    Optional<WorkRun> taken =
        Objects.requireNonNull(
            transaction.execute(
                status -> runs.take(id, owner) == 0 ? Optional.empty() : begun(id, owner)));
    taken.ifPresent(
        run ->
            looking.at(
                run.seasonYear,
                () -> {
                  work(run, owner);
                  return run;
                }));
  }

  private Optional<WorkRun> begun(UUID id, UUID owner) {
    Optional<WorkRun> run = runs.findByIdAndOwner(id, owner);
    run.ifPresent(r -> r.seen = looking.at(r.seasonYear, () -> circumstances.of(r.farmId)));
    return run;
  }

  private void work(WorkRun run, UUID owner) {
    try {
      WorkViews.Proposal proposal = lay(run, owner);
      finish(
          run,
          owner,
          runs.stopped(run.farmId, run.id) ? RunState.STOPPED : RunState.DONE,
          proposal,
          null);
    } catch (Lost lost) {
      LOG.info("a laying-out went to another");
    } catch (Refused said) {
      finish(run, owner, RunState.FAILED, null, said.getMessage());
    } catch (RuntimeException e) {
      LOG.error("a laying-out failed", e);
      finish(run, owner, RunState.FAILED, null, "Something broke; nothing was changed.");
    }
  }

  private void finish(
      WorkRun run,
      UUID owner,
      RunState state,
      WorkViews.@Nullable Proposal proposal,
      @Nullable String trouble) {
    transaction.executeWithoutResult(
        status ->
            runs.held(run.farmId, run.id, owner)
                .ifPresent(
                    stored -> {
                      stored.state = state;
                      stored.progress = 1;
                      stored.result =
                          proposal == null ? null : StoredProposal.SHAPE.store(proposal);
                      stored.money = proposal == null ? null : proposal.value();
                      stored.trouble = trouble;
                    }));
  }

  private WorkViews.Proposal lay(WorkRun run, UUID owner) {
    Pulse pulse = new Pulse(run, owner);
    WorkBuilder.Built b =
        questions.built(
            run.farmId,
            run.usdPerMove,
            run.goalUsdPerHa,
            share -> pulse.beat(BUILDING * share, null));
    double kept = Replay.of(b.work().problem()).value();
    double byHand = Greedy.earliestDueFirst(b.work().problem()).value();
    List<Double> steps = new CopyOnWriteArrayList<>();
    double anyway = b.work().anyway();
    long began = System.nanoTime();
    WorkPlan plan =
        planner.plan(
            b.work().problem(),
            run.id.getLeastSignificantBits(),
            () -> {
              double used = (System.nanoTime() - began) / 1e9 / run.seconds;
              boolean stopped =
                  pulse.beat(
                      BUILDING + (1 - BUILDING) * Math.min(1, used),
                      steps.isEmpty() ? null : steps.get(steps.size() - 1) - anyway);
              return stopped ? 1 : used;
            },
            steps::add);
    PlanCheck.Found found = PlanCheck.of(b.work().problem(), plan);
    if (!found.broken().isEmpty()) {
      throw new IllegalStateException("a plan breaks rules: " + found.broken());
    }
    return new WorkPlans(b).proposal(plan, kept, byHand, List.copyOf(steps));
  }

  /** Tells the database now and then that the run goes on, and hears whether to stop. */
  private final class Pulse {
    private final WorkRun run;
    private final UUID owner;
    private long last;
    private volatile boolean stopped;

    Pulse(WorkRun run, UUID owner) {
      this.run = run;
      this.owner = owner;
    }

    synchronized boolean beat(double progress, @Nullable Double money) {
      long now = System.currentTimeMillis();
      if (now - last >= BEAT_MS) {
        last = now;
        transaction.executeWithoutResult(
            status -> {
              if (runs.beat(run.farmId, run.id, owner, progress, money) == 0) {
                throw new Lost();
              }
              stopped = runs.stopped(run.farmId, run.id);
            });
      }
      return stopped;
    }
  }
}
