package nimblefurrow.server.support;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Cells of a table that no spreadsheet runs: text that begins as a formula would, gets an
 * apostrophe before it, which spreadsheets hide and {@link #read} takes off again. Numbers stay
 * numbers, negative ones too.
 */
public final class SafeCells {
  private static final String BEGINS = "=+-@\t\r\n";
  private static final String NUMBER = "[+-]?\\d+([.,]\\d+)?";

  private SafeCells() {}

  /** A row, cell by cell. */
  public static List<String> of(@Nullable Object... cells) {
    List<String> row = new ArrayList<>();
    for (Object cell : cells) {
      row.add(of(cell == null ? "" : cell.toString()));
    }
    return row;
  }

  private static String of(String text) {
    boolean runs = !text.isEmpty() && BEGINS.indexOf(text.charAt(0)) >= 0;
    return runs && !text.matches(NUMBER) ? "'" + text : text;
  }

  /** The text of a cell that was written so. */
  public static String read(String cell) {
    return cell.length() > 1 && cell.charAt(0) == '\'' && BEGINS.indexOf(cell.charAt(1)) >= 0
        ? cell.substring(1)
        : cell;
  }
}
