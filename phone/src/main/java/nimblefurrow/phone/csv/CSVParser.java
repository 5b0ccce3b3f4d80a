package nimblefurrow.phone.csv;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads core's own tables, which are well made: no cell goes over a line's end. */
public final class CSVParser implements AutoCloseable {
  private final BufferedReader lines;

  private CSVParser(Reader reader) {
    lines = new BufferedReader(reader);
  }

  /**
   * {@return a reader of a table}
   *
   * @param reader text of the table
   * @param format of the table
   */
  public static CSVParser parse(Reader reader, CSVFormat format) {
    return new CSVParser(reader);
  }

  /**
   * {@return its rows}
   *
   * @throws IOException when the text cannot be read
   */
  public List<CSVRecord> getRecords() throws IOException {
    Map<String, Integer> columns = new LinkedHashMap<>();
    List<CSVRecord> rows = new ArrayList<>();
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      List<String> cells = cells(line);
      if (columns.isEmpty()) {
        cells.forEach(name -> columns.put(name, columns.size()));
      } else if (!line.isEmpty()) {
        rows.add(new CSVRecord(columns, cells));
      }
    }
    return rows;
  }

  private static List<String> cells(String line) {
    List<String> all = new ArrayList<>();
    StringBuilder cell = new StringBuilder();
    boolean quoted = false;
    for (int i = 0; i < line.length(); i++) {
      char c = line.charAt(i);
      if (quoted && c == '"' && i + 1 < line.length() && line.charAt(i + 1) == '"') {
        cell.append('"');
        i++;
      } else if (c == '"') {
        quoted = !quoted;
      } else if (c == ',' && !quoted) {
        all.add(cell.toString());
        cell.setLength(0);
      } else {
        cell.append(c);
      }
    }
    all.add(cell.toString());
    return all;
  }

  @Override
  public void close() throws IOException {
    lines.close();
  }
}
