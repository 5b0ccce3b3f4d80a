package nimblefurrow.server.archive;

import java.util.Map;
import java.util.UUID;

/** Ids that are made out of others: where those are renamed, these follow. */
public interface NamedAfter {
  /** The table whose ids others are made of. */
  String table();

  /** Ids made of a row's id as it was, each with the one made of its id as it is. */
  Map<UUID, UUID> of(UUID was, UUID is);
}
