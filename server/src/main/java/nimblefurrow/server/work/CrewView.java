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
 * @param weekHours hours on each day of the week, Monday first
 * @param daysOff days they are not there
 * @param week the hours in words; not put
 */
public record CrewView(
    UUID id,
    @Nullable Long version,
    String name,
    List<UUID> machines,
    List<Double> weekHours,
    List<LocalDate> daysOff,
    @Nullable String week) {
  /** As work is reckoned with them. */
  Worker worker() {
    return new Worker(id, name, Set.copyOf(machines), weekHours, Set.copyOf(daysOff));
  }
}
