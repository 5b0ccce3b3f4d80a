package nimblefurrow.server.report;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A report that was made.
 *
 * @param number counted by farm, from 1
 * @param by who made it; null where that is not known any more
 */
record ReportView(
    UUID id,
    int number,
    ReportKind kind,
    String title,
    LocalDate from,
    LocalDate to,
    Instant madeAt,
    @Nullable String by) {}
