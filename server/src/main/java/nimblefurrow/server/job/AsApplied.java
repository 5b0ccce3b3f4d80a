package nimblefurrow.server.job;

import java.io.IOException;
import java.io.StringReader;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Refused;
import org.apache.commons.csv.CSVRecord;

/**
 * What a monitor or a drone wrote down, added up.
 *
 * @param steps lines of the file
 * @param rateKgPerHa seed over area
 * @param lowestKgPerHa a tenth of the area got less
 * @param highestKgPerHa a tenth of the area got more
 * @param pluggedRows rows that were ever plugged
 * @param day of the first line
 */
record AsApplied(
    int steps,
    double areaHa,
    double seedKg,
    double rateKgPerHa,
    double lowestKgPerHa,
    double highestKgPerHa,
    List<Integer> pluggedRows,
    String day) {
  private static final List<String> COLUMNS = List.of("at", "areaHa", "seedKg");

  /**
   * Adds a file up.
   *
   * @throws Refused naming the line that cannot be read
   */
  static AsApplied read(String text) {
    List<CSVRecord> rows;
    try {
      rows = CsvTable.rows(new StringReader(text));
    } catch (IOException | IllegalArgumentException e) {
      throw new Refused("file", "This is not a CSV file with a line of column names.");
    }
    if (rows.isEmpty()) {
      throw new Refused("file", "The file holds no steps.");
    }
    for (String column : COLUMNS) {
      if (!rows.get(0).isMapped(column)) {
        throw new Refused("file", "The file has no column “" + column + "”.");
      }
    }
    double area = 0;
    double seed = 0;
    TreeSet<Integer> plugged = new TreeSet<>();
    double[] rates = new double[rows.size()];
    for (int i = 0; i < rows.size(); i++) {
      CSVRecord row = rows.get(i);
      double a = number(row, "areaHa", i);
      double s = number(row, "seedKg", i);
      area += a;
      seed += s;
      rates[i] = a > 0 ? s / a : 0;
      if (row.isMapped("pluggedRows") && !row.get("pluggedRows").isBlank()) {
        for (String n : row.get("pluggedRows").strip().split("\\s+")) {
          plugged.add(Integer.parseInt(n));
        }
      }
    }
    if (!(area > 0)) {
      throw new Refused("file", "The file's steps cover no area.");
    }
    Arrays.sort(rates);
    String at = rows.get(0).get("at");
    return new AsApplied(
        rows.size(),
        area,
        seed,
        seed / area,
        rates[rates.length / 10],
        rates[(rates.length - 1) * 9 / 10],
        List.copyOf(plugged),
        at.length() >= 10 ? at.substring(0, 10) : at);
  }

  private static double number(CSVRecord row, String column, int i) {
    try {
      double value = Double.parseDouble(row.get(column));
      if (value >= 0 && value < 1e6) {
        return value;
      }
    } catch (IllegalArgumentException e) {
      // said below with its line
    }
    throw new Refused(
        "file", "Line %d: “%s” is not a number of 0 or more.".formatted(i + 2, column));
  }
}
