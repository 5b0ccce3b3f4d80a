package nimblefurrow.server.support;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table somebody's spreadsheet wrote: whatever the encoding, byte order mark, separator and
 * decimal sign. Its rows are read anew each time they are walked: never are all of them in memory.
 */
public final class CsvText {
  /** Two hundred years of days, or a thousand fields many times over. */
  private static final int MOST_ROWS = 100_000;

  private static final int MOST_COLUMNS = 200;
  private static final int LOOKED_AT = 200;
  private static final Charset WESTERN = Charset.forName("windows-1252");

  private final String text;
  private final CSVFormat format;
  private final List<String> columns;
  private final boolean decimalComma;

  private CsvText(String text, CSVFormat format) {
    this.text = text;
    this.format = format;
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
      this.columns = List.copyOf(parser.getHeaderNames());
    } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
      throw unreadable();
    }
    if (columns.size() > MOST_COLUMNS) {
      throw new InputProblem(
          "line 1",
          "The head line names %d columns; take %d at most."
              .formatted(columns.size(), MOST_COLUMNS));
    }
    boolean comma = false;
    if (!format.getDelimiterString().equals(",")) {
      int seen = 0;
      for (CSVRecord row : rows()) {
        comma |= commaNumber(row);
        if (comma || ++seen >= LOOKED_AT) {
          break;
        }
      }
    }
    this.decimalComma = comma;
  }

  /** Names in the head line. */
  public List<String> columns() {
    return columns;
  }

  /** Whether numbers use a decimal comma. */
  public boolean decimalComma() {
    return decimalComma;
  }

  /**
   * The lines below the head, one after the other.
   *
   * @throws InputProblem while walking, when a line cannot be read or there are too many
   */
  public Iterable<CSVRecord> rows() {
    return () -> {
      try {
        return new Rows(CSVParser.parse(new StringReader(text), format).iterator());
      } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
        throw unreadable();
      }
    };
  }

  /** How many rows there are. */
  public int count() {
    int n = 0;
    for (CSVRecord row : rows()) {
      n += row.size() > 0 ? 1 : 0;
    }
    return n;
  }

  private static InputProblem unreadable() {
    return new InputProblem(
        "file",
        "The file cannot be read as a table: a column name stands twice, or a quote is left open.");
  }

  private static final class Rows implements Iterator<CSVRecord> {
    private final Iterator<CSVRecord> rows;
    private int walked;

    Rows(Iterator<CSVRecord> rows) {
      this.rows = rows;
    }

    @Override
    public boolean hasNext() {
      try {
        return rows.hasNext();
      } catch (UncheckedIOException | IllegalStateException e) {
        throw unreadable();
      }
    }

    @Override
    public CSVRecord next() {
      if (++walked > MOST_ROWS) {
        throw new InputProblem(
            "file", "The file has more than %,d lines; split it.".formatted(MOST_ROWS));
      }
      return rows.next();
    }
  }

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
    return new CsvText(text, format);
  }

  /** The number in a cell; NaN when the cell is empty or says it is missing. */
  public double number(CSVRecord row, String column) {
    String cell = cell(row, column);
    if (cell.isEmpty() || cell.matches("(?i)na|nan|null|-|-9999(\\.0*)?|m")) {
      return Double.NaN;
    }
    String plain = decimalComma ? cell.replace(".", "").replace(',', '.') : cell;
    double value = Double.NaN;
    try {
      value = Double.parseDouble(plain.replace("\u2212", "-").replace("\u00a0", ""));
    } catch (NumberFormatException e) {
      // said below with its line
    }
    if (!Double.isFinite(value)) {
      throw new InputProblem(
          at(row), "%s: “%s” in column %s is not a number.".formatted(at(row), cell, column));
    }
    return value;
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
