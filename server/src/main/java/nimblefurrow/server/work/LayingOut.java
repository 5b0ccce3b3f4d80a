package nimblefurrow.server.work;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Usual;
import nimblefurrow.server.farm.Looking;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Layings-out of the work: asked for, under way, proposed. Callers have checked who asks. */
@Service
class LayingOut {
  private static final double LONGEST_SECONDS = 120;
  private static final double MOST_USD_PER_MOVE = 1e6;
  private static final double MOST_USD_PER_HA = 1e5;
  private static final List<RunState> ACTIVE = List.of(RunState.WAITING, RunState.RUNNING);

  private final WorkRuns runs;
  private final Circumstances circumstances;
  private final SchedulerClient scheduler;
  private final Clock clock;
  private final Looking looking;

  LayingOut(
      WorkRuns runs,
      Circumstances circumstances,
      SchedulerClient schedulerClient,
      Clock clock,
      Looking looking) {
    this.looking = looking;
    this.runs = runs;
    this.circumstances = circumstances;
    // Its name picks the client: the scheduler itself needs the worker, and that one this.
    this.scheduler = schedulerClient;
    this.clock = clock;
  }

  /**
   * Asks for a laying-out; while one is under way that one is shown.
   *
   * @param reasons why, when the program asks by itself
   * @throws org.springframework.dao.DataIntegrityViolationException when someone else asked in the
   *     same moment
   */
  @Transactional
  WorkViews.RunView ask(UUID farmId, WorkViews.RunInput in, String who, List<String> reasons) {
    WorkRun active = runs.findFirstByFarmIdAndStateIn(farmId, ACTIVE).orElse(null);
    if (active != null && (!reasons.isEmpty() || !overtakes(active))) {
      return view(active);
    }
    double seconds = in.seconds() == null ? Usual.of("layOutSeconds") : in.seconds();
    if (!(seconds > 0 && seconds <= LONGEST_SECONDS)) {
      throw new Refused("seconds", "Give it more than 0 and up to 120 seconds.");
    }
    double move = in.usdPerMove() == null ? Usual.of("moveUsd") : in.usdPerMove();
    double goal = in.goalUsdPerHa() == null ? Usual.of("goalWorth") : in.goalUsdPerHa();
    if (!(move >= 0 && move <= MOST_USD_PER_MOVE && goal >= 0 && goal <= MOST_USD_PER_HA)) {
      throw new Refused("usdPerMove", "Prices are 0 or more, and less than a farm.");
    }
    WorkRun run = new WorkRun();
    run.id = UUID.randomUUID();
    run.farmId = farmId;
    run.state = RunState.WAITING;
    run.askedAt = Instant.now(clock);
    run.askedBy = who;
    run.seconds = seconds;
    run.usdPerMove = move;
    run.goalUsdPerHa = goal;
    run.reasons = reasons;
    run.seasonYear = looking.season();
    runs.saveAndFlush(run);
    scheduler.scheduleIfNotExists(WorkScheduling.task(run.id), run.askedAt);
    return view(run);
  }

  /**
   * Whoever asks now knows more than a laying-out that the program began by itself: that one gives
   * way, and its worker finds it is not its own any more.
   */
  private boolean overtakes(WorkRun active) {
    if (!active.askedBy.equals(WorkWatcher.BY_ITSELF)) {
      return false;
    }
    active.state = RunState.STOPPED;
    runs.saveAndFlush(active);
    return true;
  }

  /** Whether a laying-out waits or runs. */
  @Transactional(readOnly = true)
  boolean underWay(UUID farmId) {
    return runs.findFirstByFarmIdAndStateIn(farmId, ACTIVE).isPresent();
  }

  /** The last laying-out; nothing when there was none. */
  @Transactional(readOnly = true)
  WorkViews.@Nullable RunView last(UUID farmId) {
    return runs.findFirstByFarmIdOrderByAskedAtDesc(farmId).map(this::view).orElse(null);
  }

  /** Stops a laying-out; what it has found is shown. */
  @Transactional
  void stop(UUID farmId, UUID runId) {
    if (runs.stop(farmId, runId) == 0) {
      throw new NotFound("There is no such laying-out.");
    }
  }

  private WorkViews.RunView view(WorkRun r) {
    return new WorkViews.RunView(
        r.id,
        r.state,
        r.askedBy,
        r.seconds,
        r.state == RunState.WAITING ? runs.ahead(r.askedAt) : 0,
        r.progress,
        r.money,
        r.trouble,
        r.reasons,
        since(r),
        r.result == null ? null : StoredProposal.SHAPE.read(r.result));
  }

  /** What has changed since a proposal was laid out. */
  List<String> since(WorkRun run) {
    return run.seen == null || run.result == null
        ? List.of()
        : Circumstances.changes(run.seen, circumstances.of(run.farmId));
  }

  /**
   * A run with a proposal.
   *
   * @throws NotFound when it is not there, or is kept already
   */
  WorkRun proposed(UUID farmId, UUID runId) {
    return runs.findByFarmIdAndId(farmId, runId)
        .filter(r -> r.result != null)
        .orElseThrow(() -> new NotFound("There is no such proposal, or it is kept already."));
  }
}
