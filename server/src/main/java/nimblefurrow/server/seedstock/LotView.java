package nimblefurrow.server.seedstock;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A seed lot.
 *
 * @param version for saving: the version that was read; null for a new one
 * @param germination share that germinates; null until tested
 * @param boughtKg bought
 * @param usedKg gone to fields by the log; not taken when saving
 */
public record LotView(
    UUID id,
    @Nullable Long version,
    String species,
    String variety,
    String lotNo,
    String supplier,
    @Nullable Double germination,
    @Nullable Double purity,
    @Nullable LocalDate testedOn,
    boolean treated,
    boolean organic,
    double usdPerKg,
    double boughtKg,
    @Nullable Double usedKg) {

  /** As far as its price tells what more would cost. */
  public BoughtSeed bought() {
    return new BoughtSeed(supplier, usdPerKg, testedOn);
  }

  /** What is left, kg. */
  public double leftKg() {
    return boughtKg - (usedKg == null ? 0 : usedKg);
  }
}
