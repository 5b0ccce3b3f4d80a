package nimblefurrow.server.work;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/**
 * Long work as rows in the database that any server takes up. A server that goes silent for twenty
 * seconds loses what it had taken.
 */
@Configuration
class WorkScheduling {
  private static final String LAY_OUT = "lay-out";
  private static final int AT_ONCE = 2;
  private static final Duration BEAT = Duration.ofSeconds(5);
  private static final int MISSED_BEATS = 4;
  private static final Duration LOOK_EVERY = Duration.ofMillis(300);
  private static final Duration STOPPING = Duration.ofSeconds(3);

  /** The row that stands for a laying-out. */
  static TaskInstance<Void> task(UUID runId) {
    return new TaskInstance<>(LAY_OUT, runId.toString());
  }

  /** Puts rows in, within the transaction that is under way. */
  @Bean
  SchedulerClient schedulerClient(DataSource source) {
    return SchedulerClient.Builder.create(new TransactionAwareDataSourceProxy(source)).build();
  }

  @Bean(initMethod = "start", destroyMethod = "stop")
  Scheduler scheduler(
      DataSource source,
      WorkWorker worker,
      WorkWatcher watcher,
      @Value("${nimble-furrow.watch-ms}") int watchMs) {
    Task<Void> layOut =
        Tasks.oneTime(LAY_OUT)
            .execute((instance, context) -> worker.run(UUID.fromString(instance.getId())));
    RecurringTask<Void> look =
        Tasks.recurring("look-after-plans", FixedDelay.ofMillis(watchMs))
            .execute((instance, context) -> watcher.look());
    return Scheduler.create(source, layOut)
        .startTasks(look)
        .threads(AT_ONCE + 1)
        .pollingInterval(LOOK_EVERY)
        .heartbeatInterval(BEAT)
        .missedHeartbeatsLimit(MISSED_BEATS)
        .shutdownMaxWait(STOPPING)
        .build();
  }
}
