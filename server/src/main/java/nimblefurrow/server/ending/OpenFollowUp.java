package nimblefurrow.server.ending;

import java.time.LocalDate;
import java.util.UUID;

/** Something taken on from a watch list that is not done yet. */
public record OpenFollowUp(
    UUID id, UUID fieldId, String kind, LocalDate dueFrom, LocalDate dueTo, String words) {}
