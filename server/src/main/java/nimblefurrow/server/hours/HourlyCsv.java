package nimblefurrow.server.hours;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import nimblefurrow.core.hours.WorkHours;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Refused;
import org.apache.commons.csv.CSVRecord;

/**
 * An hourly forecast as a comma-separated table with the columns time, temp_c, dew_point_c,
 * wind_m_s, gust_m_s, rain_mm, solar_w_m2 and soil_temp_c; one row an hour, without gaps.
 */
record HourlyCsv(LocalDateTime start, WorkHours.Hourly hourly) {
  private static final int MOST_HOURS = 24 * 16;

  /**
   * Reads a table.
   *
   * @throws Refused with the row that is wrong
   */
  static HourlyCsv read(String text) {
    List<CSVRecord> rows;
    try {
      rows = CsvTable.rows(new StringReader(text));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (IllegalArgumentException | Refused e) {
      throw new Refused("file", "This is not a table with a header line: " + e.getMessage());
    }
    if (rows.isEmpty() || rows.size() > MOST_HOURS) {
      throw new Refused(
          "file",
          "An hourly forecast has 1 to %d rows; this one has %d."
              .formatted(MOST_HOURS, rows.size()));
    }
    LocalDateTime start = time(rows, 0);
    for (int i = 1; i < rows.size(); i++) {
      if (!time(rows, i).equals(start.plusHours(i))) {
        throw new Refused(
            "file",
            "Row %d is for %s; after %s an hour later is wanted."
                .formatted(i + 1, rows.get(i).get("time"), rows.get(i - 1).get("time")));
      }
    }
    return new HourlyCsv(
        start,
        new WorkHours.Hourly(
            column(rows, "temp_c"),
            column(rows, "dew_point_c"),
            column(rows, "wind_m_s"),
            column(rows, "gust_m_s"),
            column(rows, "rain_mm"),
            column(rows, "solar_w_m2"),
            column(rows, "soil_temp_c")));
  }

  private static LocalDateTime time(List<CSVRecord> rows, int i) {
    need(rows, "time");
    try {
      return LocalDateTime.parse(rows.get(i).get("time").strip().replace(' ', 'T'));
    } catch (DateTimeParseException e) {
      throw new Refused(
          "file",
          "Row %d has the time “%s”; wanted is such as 2027-05-22T06:00."
              .formatted(i + 1, rows.get(i).get("time")));
    }
  }

  private static double[] column(List<CSVRecord> rows, String name) {
    need(rows, name);
    double[] values = new double[rows.size()];
    for (int i = 0; i < values.length; i++) {
      String text = rows.get(i).get(name).strip();
      try {
        values[i] = Double.parseDouble(text);
      } catch (NumberFormatException e) {
        throw new Refused("file", "Row %d: %s “%s” is not a number.".formatted(i + 1, name, text));
      }
    }
    return values;
  }

  private static void need(List<CSVRecord> rows, String name) {
    if (!rows.get(0).isMapped(name)) {
      throw new Refused("file", "The table has no column " + name + ".");
    }
  }
}
