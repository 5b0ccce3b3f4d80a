package nimblefurrow.server.paper;

import java.time.Instant;
import java.util.UUID;
import nimblefurrow.core.paper.PaperHolder;
import nimblefurrow.core.paper.PaperKind;
import org.jspecify.annotations.Nullable;

/**
 * A paper.
 *
 * @param holderId the lot, product or field it is kept with; the farm itself where it is the farm's
 * @param name of its file
 * @param size bytes
 * @param by who put it there; null where that is not known any more
 */
record PaperView(
    UUID id,
    PaperHolder holder,
    UUID holderId,
    PaperKind kind,
    String name,
    String mediaType,
    int size,
    Instant addedAt,
    @Nullable String by) {}
