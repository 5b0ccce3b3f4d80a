package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.work.Worker;
import org.jspecify.annotations.Nullable;

/**
 * Someone who works.
 *
 * @param version for saving: the version that was read; null for a new one
 * @param machines they can run
 * @param daysOff days they are not there
 */
public record CrewView(
    UUID id,
    @Nullable Long version,
    String name,
    List<UUID> machines,
    double hoursPerDay,
    boolean worksSundays,
    List<LocalDate> daysOff) {
  /** As work is reckoned with them. */
  Worker worker() {
    return new Worker(
        id, name, Set.copyOf(machines), hoursPerDay, worksSundays, Set.copyOf(daysOff));
  }
}
