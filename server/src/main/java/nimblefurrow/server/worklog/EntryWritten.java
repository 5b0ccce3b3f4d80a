package nimblefurrow.server.worklog;

import java.util.UUID;

/** An entry was written down, or brought back. */
public record EntryWritten(UUID farmId, UUID fieldId, EntryView entry) {}
