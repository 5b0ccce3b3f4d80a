package nimblefurrow.server.cover;

import java.util.Map;
import java.util.UUID;

/** What a farm pays for seed: told by whoever keeps its lots. */
public interface SeedPrices {
  /** US dollars per kg by species, for those the farm has bought; conventional seed. */
  Map<String, Double> of(UUID farmId);
}
