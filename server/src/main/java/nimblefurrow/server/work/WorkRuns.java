package nimblefurrow.server.work;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface WorkRuns extends FarmRows<WorkRun, UUID> {
  Optional<WorkRun> findFirstByFarmIdOrderByAskedAtDesc(UUID farmId);

  Optional<WorkRun> findFirstByFarmIdAndStateIn(UUID farmId, List<RunState> states);

  /** How many wait that were asked for earlier. */
  @Query("select count(r) from WorkRun r where r.state = RunState.WAITING and r.askedAt < :askedAt")
  int ahead(Instant askedAt);

  /** Takes a laying-out on; nothing when it is over. Who had it before has it no longer. */
  @Modifying
  @Query(
      "update WorkRun r set r.owner = :owner, r.state = RunState.RUNNING"
          + " where r.id = :id and r.state in (RunState.WAITING, RunState.RUNNING)")
  int take(UUID id, UUID owner);

  /** What a worker has taken on. */
  Optional<WorkRun> findByIdAndOwner(UUID id, UUID owner);

  @Modifying
  @Query("update WorkRun r set r.stop = true where r.id = :id and r.farmId = :farmId")
  int stop(UUID farmId, UUID id);

  /** Tells how far it is; nothing when it is another's, or over. */
  @Modifying
  @Query(
      "update WorkRun r set r.progress = :progress, r.money = :money"
          + " where r.farmId = :farmId and r.id = :id and r.owner = :owner and r.state = RunState.RUNNING")
  int beat(UUID farmId, UUID id, UUID owner, double progress, @Nullable Double money);

  /** Held until it is written, if it is still the owner's. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query(
      "select r from WorkRun r"
          + " where r.farmId = :farmId and r.id = :id and r.owner = :owner and r.state = RunState.RUNNING")
  Optional<WorkRun> held(UUID farmId, UUID id, UUID owner);

  @Query("select r.stop from WorkRun r where r.farmId = :farmId and r.id = :id")
  boolean stopped(UUID farmId, UUID id);
}
