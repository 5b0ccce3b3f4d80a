package nimblefurrow.server.takeaway;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.support.SafeCells;
import nimblefurrow.server.worklog.FarmRecord;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** The record as a table (RFC 4180), a line an entry, in the units of whoever asks. */
final class RecordCsv {
  /** Two places more than are shown: sums of the table then agree with those of the program. */
  private static final int MORE_PLACES = 2;

  private RecordCsv() {}

  static String write(List<FarmRecord.Line> lines, UnitSystem system) {
    StringWriter text = new StringWriter();
    CSVFormat format =
        CSVFormat.RFC4180.builder().setHeader(head(system).toArray(String[]::new)).get();
    try (CSVPrinter csv = new CSVPrinter(text, format)) {
      for (FarmRecord.Line line : lines) {
        csv.printRecord(SafeCells.of(cells(line, system).toArray()));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  private static List<String> head(UnitSystem system) {
    List<String> head = new ArrayList<>(List.of("Day", "Field", "What"));
    for (EntryName n : EntryName.values()) {
      head.add(n.label());
    }
    for (EntryFigure f : EntryFigure.values()) {
      // A yield is said as its crop's is: its unit stands beside it.
      String unit = f == EntryFigure.YIELD ? "" : system.suffix(f.unit()).strip();
      head.add(unit.isEmpty() ? f.label() : f.label() + ", " + unit);
      if (f == EntryFigure.YIELD) {
        head.add("Yield unit");
        head.add("Crop");
      }
    }
    head.addAll(
        List.of(
            "Products",
            "Active ingredients",
            "Machine",
            "In words",
            "Written by",
            "Written on",
            "Times put right"));
    return head;
  }

  private static List<Object> cells(FarmRecord.Line line, UnitSystem system) {
    List<Object> cells = new ArrayList<>();
    cells.add(line.entry().doneOn());
    cells.add(line.field());
    cells.add(line.entry().kind().label());
    for (EntryName n : EntryName.values()) {
      String value = line.entry().get(n);
      cells.add(value == null ? "" : n.choices().getOrDefault(value, value));
    }
    for (EntryFigure f : EntryFigure.values()) {
      Unit yield = line.yieldUnit();
      Unit unit = f == EntryFigure.YIELD && yield != null ? yield : f.unit();
      Double value = line.entry().get(f);
      cells.add(value == null ? "" : plain(system.convert(value, unit), unit.in(system).digits()));
      if (f == EntryFigure.YIELD) {
        cells.add(value == null ? "" : system.suffix(unit).strip());
        cells.add(said(line.crop()));
      }
    }
    cells.add(
        line.entry().products().stream()
            .map(p -> p.name() + " " + system.say(new Figure.Amount(p.ratePerHa(), p.unit())))
            .collect(Collectors.joining("; ")));
    cells.add(
        line.entry().actives().entrySet().stream()
            .map(a -> a.getKey() + " " + system.say(new Figure.Amount(a.getValue(), Unit.G_PER_HA)))
            .collect(Collectors.joining("; ")));
    cells.add(said(line.machine()));
    cells.add(line.entry().words());
    cells.add(said(line.by()));
    cells.add(line.writtenAt().atOffset(ZoneOffset.UTC).toLocalDate());
    cells.add(line.corrected());
    return cells;
  }

  private static String said(@Nullable String text) {
    return text == null ? "" : text;
  }

  private static String plain(double value, int digits) {
    return BigDecimal.valueOf(value)
        .setScale(digits + MORE_PLACES, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }
}
