package nimblefurrow.server.people;

import java.util.UUID;

/** What farms are called: told by whoever keeps them. */
public interface FarmNames {
  /** The name of a farm. */
  String of(UUID farmId);
}
