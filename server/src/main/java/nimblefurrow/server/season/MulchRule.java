package nimblefurrow.server.season;

import java.util.UUID;

/** How much mulch holds small weeds on a farm: told by whoever keeps its rules. */
public interface MulchRule {
  /** Mulch that holds small weeds back, Mg/ha. */
  double holdsMgPerHa(UUID farmId);
}
