package nimblefurrow.server.work;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.archive.NamedAfter;
import org.springframework.stereotype.Component;

/** Entries that jobs wrote into the log are named after their jobs. */
@Component
class DoneNames implements NamedAfter {
  @Override
  public String table() {
    return "work_item";
  }

  @Override
  public Map<UUID, UUID> of(UUID was, UUID is) {
    Map<UUID, UUID> names = new HashMap<>();
    for (LogKind kind : LogKind.values()) {
      names.put(DoneLog.entry(was, kind), DoneLog.entry(is, kind));
    }
    return names;
  }
}
