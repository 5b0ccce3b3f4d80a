package nimblefurrow.phone.csv;

import java.util.List;
import java.util.Map;

/** A row of a table. */
public final class CSVRecord {
  private final Map<String, Integer> columns;
  private final List<String> cells;

  CSVRecord(Map<String, Integer> columns, List<String> cells) {
    this.columns = columns;
    this.cells = cells;
  }

  /**
   * {@return the cell of a column}
   *
   * @param column name of the column
   * @throws IllegalArgumentException when there is none
   */
  public String get(String column) {
    Integer at = columns.get(column);
    if (at == null) {
      throw new IllegalArgumentException("no column " + column);
    }
    return cells.get(at);
  }
}
