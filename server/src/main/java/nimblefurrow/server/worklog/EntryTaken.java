package nimblefurrow.server.worklog;

import java.util.UUID;

/** An entry was taken out. */
public record EntryTaken(UUID farmId, UUID entryId) {}
