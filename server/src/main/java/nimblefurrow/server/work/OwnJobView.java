package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.work.OwnWork;
import org.jspecify.annotations.Nullable;

/**
 * Work of one's own, as it is read and put.
 *
 * @param version for saving: the version that was read; null for new work
 * @param words in the farm's words; empty for those of its kind
 * @param from first day on which it may be done
 * @param to last day
 * @param with the machine that is to do it, or the person; null for any that can
 * @param hours it takes; null for what the machine's width and speed say
 * @param worthUsd what is lost when it is not done in its days; null where the farm does not say
 * @param doneOn the day it was done; null while it is open, and not put
 */
public record OwnJobView(
    UUID id,
    @Nullable Long version,
    UUID fieldId,
    OwnWork work,
    String words,
    LocalDate from,
    LocalDate to,
    @Nullable UUID with,
    @Nullable Double hours,
    @Nullable Double worthUsd,
    @Nullable LocalDate doneOn) {

  static OwnJobView of(OwnJobRow r) {
    return new OwnJobView(
        r.id,
        r.version,
        r.fieldId,
        OwnWork.of(r.work),
        r.words,
        r.fromOn,
        r.toOn,
        r.withId,
        r.hours,
        r.worthUsd,
        r.doneOn);
  }
}
