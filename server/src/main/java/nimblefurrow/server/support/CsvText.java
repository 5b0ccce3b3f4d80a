package nimblefurrow.server.support;

import java.io.IOException;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table somebody's spreadsheet wrote: whatever the encoding, byte order mark, separator and
 * decimal sign.
 *
 * @param columns names in the head line
 * @param rows the lines below it
 * @param decimalComma whether numbers use a decimal comma
 */
public record CsvText(List<String> columns, List<CSVRecord> rows, boolean decimalComma) {
  private static final Charset WESTERN = Charset.forName("windows-1252");

  /**
   * Reads a table.
   *
   * @throws InputProblem when there is no head line or it cannot be read
   */
  public static CsvText read(byte[] bytes) {
    String text = decode(bytes);
    String head = text.lines().findFirst().orElse("");
    if (head.isBlank()) {
      throw new InputProblem("line 1", "The file is empty: line 1 should name the columns.");
    }
    char separator = separator(head);
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setDelimiter(separator)
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreSurroundingSpaces(true)
            .setIgnoreEmptyLines(true)
            .setAllowMissingColumnNames(true)
            .get();
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
      List<CSVRecord> rows = parser.getRecords();
      boolean comma = separator != ',' && rows.stream().limit(200).anyMatch(CsvText::commaNumber);
      return new CsvText(parser.getHeaderNames(), rows, comma);
    } catch (IOException | IllegalArgumentException | java.io.UncheckedIOException e) {
      throw new InputProblem("file", "The file cannot be read as a table: " + e.getMessage() + ".");
    }
  }

  /** The number in a cell; NaN when the cell is empty or says it is missing. */
  public double number(CSVRecord row, String column) {
    String cell = cell(row, column);
    if (cell.isEmpty() || cell.matches("(?i)na|nan|null|-|-9999(\\.0*)?|m")) {
      return Double.NaN;
    }
    String plain = decimalComma ? cell.replace(".", "").replace(',', '.') : cell;
    try {
      return Double.parseDouble(plain.replace("\u2212", "-").replace("\u00a0", ""));
    } catch (NumberFormatException e) {
      throw new InputProblem(
          at(row), "%s: “%s” in column %s is not a number.".formatted(at(row), cell, column));
    }
  }

  /** The text in a cell; empty when the row is short or has no such column. */
  public String cell(CSVRecord row, String column) {
    return row.isSet(column) ? row.get(column).strip() : "";
  }

  /** Where a row stands in the file. */
  public static String at(CSVRecord row) {
    return "line " + (row.getRecordNumber() + 1);
  }

  private static boolean commaNumber(CSVRecord row) {
    return row.stream().anyMatch(cell -> cell.strip().matches("[-\u2212]?\\d+,\\d+"));
  }

  private static char separator(String head) {
    char best = ',';
    for (char candidate : new char[] {';', '\t', ','}) {
      if (count(head, candidate) > count(head, best)) {
        best = candidate;
      }
    }
    return best;
  }

  private static long count(String text, char wanted) {
    return text.chars().filter(c -> c == wanted).count();
  }

  /** Text of bytes: by its byte order mark, else UTF-8 if it is that, else Western. */
  public static String decode(byte[] bytes) {
    if (starts(bytes, 0xEF, 0xBB, 0xBF)) {
      return new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8);
    }
    if (starts(bytes, 0xFF, 0xFE)) {
      return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
    }
    if (starts(bytes, 0xFE, 0xFF)) {
      return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
    }
    try {
      return StandardCharsets.UTF_8
          .newDecoder()
          .onMalformedInput(CodingErrorAction.REPORT)
          .decode(ByteBuffer.wrap(bytes))
          .toString();
    } catch (CharacterCodingException e) {
      return new String(bytes, WESTERN);
    }
  }

  private static boolean starts(byte[] bytes, int... mark) {
    if (bytes.length < mark.length) {
      return false;
    }
    for (int i = 0; i < mark.length; i++) {
      if ((bytes[i] & 0xFF) != mark[i]) {
        return false;
      }
    }
    return true;
  }
}
