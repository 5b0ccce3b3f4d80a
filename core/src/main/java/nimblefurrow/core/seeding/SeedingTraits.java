package nimblefurrow.core.seeding;

import static nimblefurrow.core.units.CsvTable.number;

import java.util.Locale;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.units.CsvTable;
import org.apache.commons.csv.CSVRecord;

/**
 * What is known of a way of seeding as data: its row of {@code seedingmethods.csv}.
 *
 * @param key the name on the wire
 * @param label in a grower's words
 * @param placement what it does to the seed
 * @param rateBasis which of a species' rates it goes by
 * @param earlierDays how much sooner than a drill it must be done for the same stand, days
 */
public record SeedingTraits(
    String key, String label, Placement placement, RateBasis rateBasis, int earlierDays) {

  /**
   * The shipped row of a method.
   *
   * @param key of the method
   * @throws IllegalStateException when there is no such row
   */
  static SeedingTraits shipped(String key) {
    return CsvTable.shipped("seedingmethods.csv").stream()
        .filter(r -> r.get("key").equals(key))
        .findFirst()
        .map(SeedingTraits::of)
        .orElseThrow(() -> new IllegalStateException("no row for " + key));
  }

  private static SeedingTraits of(CSVRecord r) {
    return new SeedingTraits(
        r.get("key"),
        r.get("label"),
        Placement.of(r.get("placement")),
        RateBasis.valueOf(r.get("rate_basis").toUpperCase(Locale.ROOT)),
        (int) number(r, "earlier_days"));
  }
}
