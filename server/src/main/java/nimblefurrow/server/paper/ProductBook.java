package nimblefurrow.server.paper;

import java.util.UUID;

/** Which spray products a farm has, for papers that are kept with them. */
public interface ProductBook {
  /** Whether a product is the farm's. */
  boolean has(UUID farmId, UUID productId);
}
