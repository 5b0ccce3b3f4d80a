package nimblefurrow.core.units;

import java.util.List;
import org.apache.commons.csv.CSVRecord;

/**
 * A value that is usual where nothing is known yet: what a form begins with, or a limit that a page
 * goes by. It is round in each system of units, and never one that only a label, an agent or a
 * scale can say. Working values.
 *
 * @param key stable key
 * @param unit unit of both values
 * @param us where people speak US units, in the unit itself
 * @param metric where they speak metric, in the unit itself
 * @param of what it is
 */
public record Usual(String key, Unit unit, double us, double metric, String of) {
  private static final List<Usual> SHIPPED =
      CsvTable.shipped("usual.csv").stream().map(Usual::read).toList();

  /** {@return all of them} */
  public static List<Usual> all() {
    return SHIPPED;
  }

  /**
   * {@return the value of a key where nothing is known and nobody says in which system they speak,
   * in the unit itself}
   *
   * @param key stable key
   * @throws IllegalArgumentException when no such value ships
   */
  public static double of(String key) {
    return SHIPPED.stream()
        .filter(u -> u.key().equals(key))
        .mapToDouble(Usual::metric)
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("nothing is usual for " + key));
  }

  private static Usual read(CSVRecord r) {
    Unit unit = Unit.valueOf(r.get("unit"));
    String us = r.get("us");
    String metric = r.get("metric");
    return new Usual(
        r.get("key"),
        unit,
        us.isEmpty()
            ? UnitSystem.METRIC.toSi(Double.parseDouble(metric), unit)
            : UnitSystem.US.toSi(Double.parseDouble(us), unit),
        UnitSystem.METRIC.toSi(Double.parseDouble(metric), unit),
        r.get("of"));
  }
}
