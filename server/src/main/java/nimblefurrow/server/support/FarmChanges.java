package nimblefurrow.server.support;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Counts the changes of each farm, whoever makes them and on whichever server: the database tells.
 * A count is only good for being unlike the one before.
 */
@Component
public class FarmChanges implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(FarmChanges.class);
  private static final int WAIT_MS = 1000;

  private final DataSource source;
  private final Map<UUID, Long> counts = new ConcurrentHashMap<>();
  private volatile long begun = System.currentTimeMillis();
  private volatile boolean running;
  private volatile Thread listener = new Thread(() -> {});

  FarmChanges(DataSource source) {
    this.source = source;
  }

  /** What a farm's count stands at; another text after every change. */
  public String of(UUID farmId) {
    return begun + "." + counts.getOrDefault(farmId, 0L);
  }

  @Override
  public void start() {
    running = true;
    listener = new Thread(this::listen, "farm-changes");
    listener.setDaemon(true);
    listener.start();
  }

  @Override
  public void stop() {
    running = false;
    listener.interrupt();
    try {
      listener.join(2L * WAIT_MS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public boolean isRunning() {
    return running;
  }

  private void listen() {
    while (running) {
      try (Connection connection = source.getConnection();
          Statement statement = connection.createStatement()) {
        statement.execute("listen farm_changed");
        // What was changed while nobody listened is not known: everything counts as changed.
        begun = Math.max(begun + 1, System.currentTimeMillis());
        hear(connection.unwrap(PGConnection.class));
      } catch (SQLException e) {
        if (running) {
          LOG.warn("Not listening for changes for a moment: {}", e.getMessage());
          pause();
        }
      }
    }
  }

  private void hear(PGConnection connection) throws SQLException {
    while (running) {
      for (PGNotification heard : connection.getNotifications(WAIT_MS)) {
        counts.merge(UUID.fromString(heard.getParameter()), 1L, Long::sum);
      }
    }
  }

  private static void pause() {
    try {
      Thread.sleep(WAIT_MS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
