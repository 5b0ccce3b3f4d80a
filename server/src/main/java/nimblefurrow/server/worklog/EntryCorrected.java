package nimblefurrow.server.worklog;

import java.util.UUID;

/** An entry was corrected: whoever keeps something that follows from it follows. */
public record EntryCorrected(UUID farmId, UUID fieldId, EntryView before, EntryView after) {}
