package nimblefurrow.server.feed;

import java.util.Map;
import java.util.UUID;

/** Waits before grazing as labels were entered: told by whoever keeps the products. */
public interface LabelWaits {
  /** Days by the product's name, of those that say them. */
  Map<String, Integer> grazingDays(UUID farmId);
}
