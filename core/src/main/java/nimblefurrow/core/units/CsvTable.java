package nimblefurrow.core.units;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads the parameter files that ship with the model. */
public final class CsvTable {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

  private CsvTable() {}

  /**
   * {@return all rows of a shipped table}
   *
   * @param path a resource below {@code nimblefurrow/core}, such as {@code soils.csv}
   * @throws IllegalArgumentException when there is no such table
   */
  public static List<CSVRecord> shipped(String path) {
    try (InputStream in = CsvTable.class.getResourceAsStream("/nimblefurrow/core/" + path)) {
      if (in == null) {
        throw new IllegalArgumentException("no shipped table " + path);
      }
      return rows(new InputStreamReader(in, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * {@return all rows of a comma-separated table with a header line}
   *
   * @param reader text of the table
   * @throws IOException when the text cannot be read
   */
  public static List<CSVRecord> rows(Reader reader) throws IOException {
    try (CSVParser parser = CSVParser.parse(new BufferedReader(reader), FORMAT)) {
      return parser.getRecords();
    }
  }

  /**
   * {@return the number in a column}
   *
   * @param row row of the table
   * @param column name of the column
   */
  public static double number(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column));
  }
}
