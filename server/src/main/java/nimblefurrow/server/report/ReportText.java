package nimblefurrow.server.report;

import java.util.List;

/**
 * What a report says.
 *
 * @param parts tables one after another
 * @param cautions what is to be confirmed, and with whom
 * @param pictures behind the tables
 */
public record ReportText(List<Part> parts, List<String> cautions, List<Shot> pictures) {
  /** Without pictures. */
  public ReportText(List<Part> parts, List<String> cautions) {
    this(parts, cautions, List.of());
  }

  /**
   * A table.
   *
   * @param title above it
   * @param none what is said where it has no row
   * @param rows cells by column
   */
  public record Part(String title, List<Column> columns, List<List<String>> rows, String none) {}

  /**
   * A column.
   *
   * @param share of the table's width, against those of the others
   */
  public record Column(String title, double share) {}

  /** A picture with what stands under it. */
  public record Shot(String said, byte[] jpeg) {}
}
