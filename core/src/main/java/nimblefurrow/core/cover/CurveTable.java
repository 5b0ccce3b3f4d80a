package nimblefurrow.core.cover;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Curve;
import org.apache.commons.csv.CSVRecord;

/** The named curves of {@code curves.csv}. */
public final class CurveTable {
  private final Map<String, Curve> byName;

  private CurveTable(Map<String, Curve> byName) {
    this.byName = byName;
  }

  /** {@return the curves that ship with the model} */
  public static CurveTable shipped() {
    Map<String, List<double[]>> points = new LinkedHashMap<>();
    for (CSVRecord row : CsvTable.shipped("curves.csv")) {
      points
          .computeIfAbsent(key(row.get("curve"), row.get("name")), k -> new ArrayList<>())
          .add(new double[] {CsvTable.number(row, "x"), CsvTable.number(row, "y")});
    }
    Map<String, Curve> curves = new LinkedHashMap<>();
    points.forEach(
        (name, xy) ->
            curves.put(
                name,
                Curve.through(
                    xy.stream().mapToDouble(p -> p[0]).toArray(),
                    xy.stream().mapToDouble(p -> p[1]).toArray())));
    return new CurveTable(curves);
  }

  /**
   * {@return a curve, such as {@code rollerKill} of {@code vetch}}
   *
   * @param curve name of the curve, or what lateness costs
   * @param name name to find or say it by
   * @throws IllegalArgumentException when there is none of that name
   */
  public Curve get(String curve, String name) {
    Curve found = byName.get(key(curve, name));
    if (found == null) {
      throw new IllegalArgumentException("no curve " + key(curve, name));
    }
    return found;
  }

  private static String key(String curve, String name) {
    return curve + "/" + name;
  }
}
