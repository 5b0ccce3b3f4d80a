package nimblefurrow.core.ending;

import static nimblefurrow.core.units.CsvTable.number;

import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.units.CsvTable;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a way of ending as data: its row of {@code endingmethods.csv}.
 *
 * @param key the name on the wire
 * @param label in a grower's words
 * @param work kind of work its first pass is, null where no machine is needed
 * @param lag days from ending to planting
 * @param passes over the field, in words; empty for none
 * @param usdPerHa usual cost of all passes and products, US dollars per ha
 */
public record EndingTraits(
    String key,
    String label,
    @Nullable MachineWork work,
    PlantingLag lag,
    String passes,
    double usdPerHa) {

  /**
   * The shipped row of a method.
   *
   * @param key of the method
   * @throws IllegalStateException when there is no such row
   */
  static EndingTraits shipped(String key) {
    return CsvTable.shipped("endingmethods.csv").stream()
        .filter(r -> r.get("key").equals(key))
        .findFirst()
        .map(EndingTraits::of)
        .orElseThrow(() -> new IllegalStateException("no row for " + key));
  }

  private static EndingTraits of(CSVRecord r) {
    return new EndingTraits(
        r.get("key"),
        r.get("label"),
        r.get("work").isEmpty() ? null : MachineWork.of(r.get("work")),
        new PlantingLag(
            (int) number(r, "least_days"),
            (int) number(r, "most_days"),
            (int) number(r, "usual_days")),
        r.get("passes"),
        number(r, "usd_per_ha"));
  }
}
