package nimblefurrow.server.report;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import nimblefurrow.server.support.SafeCells;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A report's tables as text (RFC 4180), a heading and an empty line between them. */
final class ReportCsv {
  private ReportCsv() {}

  static String write(String heading, ReportText text) {
    StringWriter out = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(SafeCells.of(heading));
      for (ReportText.Part part : text.parts()) {
        csv.println();
        csv.printRecord(SafeCells.of(part.title()));
        csv.printRecord(part.columns().stream().map(ReportText.Column::title).toList());
        for (List<String> row : part.rows()) {
          csv.printRecord(SafeCells.of(row.toArray()));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }
}
