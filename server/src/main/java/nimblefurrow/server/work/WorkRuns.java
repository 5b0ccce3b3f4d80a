package nimblefurrow.server.work;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface WorkRuns extends JpaRepository<WorkRun, UUID> {
  Optional<WorkRun> findFirstByFarmIdOrderByAskedAtDesc(UUID farmId);

  Optional<WorkRun> findFirstByFarmIdAndStateIn(UUID farmId, List<String> states);

  /** One that waits, or whose server has gone silent; held so that no other server takes it. */
  @Query(
      nativeQuery = true,
      value =
          "select * from work_run where state = 'waiting'"
              + " or (state = 'running' and heartbeat_at < :silent)"
              + " order by asked_at limit 1 for update skip locked")
  Optional<WorkRun> next(Instant silent);

  @Modifying
  @Query("update WorkRun r set r.stop = true where r.id = :id and r.farmId = :farmId")
  int stop(UUID farmId, UUID id);

  @Modifying
  @Query(
      "update WorkRun r set r.heartbeatAt = :now, r.progress = :progress, r.money = :money"
          + " where r.id = :id")
  void beat(UUID id, Instant now, double progress, @org.jspecify.annotations.Nullable Double money);

  @Query("select r.stop from WorkRun r where r.id = :id")
  boolean stopped(UUID id);
}
