package nimblefurrow.server.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.support.CsvText;
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
  private static final double TENTH = 0.1;
  private static final int MOST_ROWS_OF_A_MACHINE = 1000;
  private static final double MOST = 1e6;

  /** Seed and area of one step. */
  private record Step(double areaHa, double rate) {}

  /**
   * Adds a file up.
   *
   * @throws nimblefurrow.server.support.InputProblem when it is no table
   * @throws Refused naming the line that cannot be read
   */
  static AsApplied read(byte[] file) {
    CsvText table = CsvText.read(file);
    for (String column : COLUMNS) {
      if (!table.columns().contains(column)) {
        throw new Refused("file", "The file has no column “" + column + "”.");
      }
    }
    double seed = 0;
    String day = "";
    TreeSet<Integer> plugged = new TreeSet<>();
    List<Step> steps = new ArrayList<>();
    for (CSVRecord row : table.rows()) {
      double a = number(table, row, "areaHa");
      double s = number(table, row, "seedKg");
      seed += s;
      steps.add(new Step(a, a > 0 ? s / a : 0));
      day = day.isEmpty() ? table.cell(row, "at") : day;
      plugged(table, row, plugged);
    }
    if (steps.isEmpty()) {
      throw new Refused("file", "The file holds no steps.");
    }
    double area = steps.stream().mapToDouble(Step::areaHa).sum();
    if (!(area > 0)) {
      throw new Refused("file", "The file's steps cover no area.");
    }
    steps.sort(Comparator.comparingDouble(Step::rate));
    return new AsApplied(
        steps.size(),
        area,
        seed,
        seed / area,
        rateAt(steps, area * TENTH),
        rateAt(steps, area * (1 - TENTH)),
        List.copyOf(plugged),
        day.length() >= 10 ? day.substring(0, 10) : day);
  }

  /** The rate below which a part of the area lies, steps in the order of their rates. */
  private static double rateAt(List<Step> steps, double areaHa) {
    double sum = 0;
    for (Step step : steps) {
      sum += step.areaHa();
      if (step.areaHa() > 0 && sum >= areaHa) {
        return step.rate();
      }
    }
    return steps.get(steps.size() - 1).rate();
  }

  private static void plugged(CsvText table, CSVRecord row, TreeSet<Integer> all) {
    for (String n : table.cell(row, "pluggedRows").split("\\s+")) {
      if (n.isEmpty()) {
        continue;
      }
      if (!n.matches("\\d{1,3}")) {
        throw new Refused(
            "file",
            "%s: “%s” in column pluggedRows is not the number of a row, 0 to %d."
                .formatted(CsvText.at(row), n, MOST_ROWS_OF_A_MACHINE - 1));
      }
      all.add(Integer.parseInt(n));
    }
  }

  private static double number(CsvText table, CSVRecord row, String column) {
    double value = table.number(row, column);
    if (!(value >= 0 && value < MOST)) {
      throw new Refused(
          "file", "%s: “%s” is not a number of 0 or more.".formatted(CsvText.at(row), column));
    }
    return value;
  }
}
