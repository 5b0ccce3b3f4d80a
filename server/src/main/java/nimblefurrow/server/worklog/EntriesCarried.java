package nimblefurrow.server.worklog;

import java.util.Map;
import java.util.UUID;

/**
 * What was written down of a field stands with what it became, too.
 *
 * @param entries as they are now, by what they were; several may have become one
 * @param field with which they stand now
 */
public record EntriesCarried(UUID farmId, Map<UUID, UUID> entries, UUID field) {
  public EntriesCarried {
    entries = Map.copyOf(entries);
  }
}
