package nimblefurrow.server.seedstock;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A lot as far as its price tells what more of the seed would cost.
 *
 * @param supplier who sold it; blank for what is in one's own bin
 */
public record BoughtSeed(String supplier, double usdPerKg, @Nullable LocalDate testedOn) {

  /** What more would cost: as the dealer's newest lot, never as what is in one's own bin. */
  public static Optional<Double> toBuy(Collection<BoughtSeed> lots) {
    return lots.stream()
        .filter(l -> !l.supplier().isBlank() && l.usdPerKg() > 0)
        .max(
            Comparator.comparing(
                    (BoughtSeed l) -> l.testedOn() == null ? LocalDate.MIN : l.testedOn())
                .thenComparing(BoughtSeed::usdPerKg))
        .map(BoughtSeed::usdPerKg);
  }
}
