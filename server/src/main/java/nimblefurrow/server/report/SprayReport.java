package nimblefurrow.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.report.ReportText.Column;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.FarmRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was sprayed, when, by whom and in what wind. */
@Component
class SprayReport implements Composer {
  private static final List<Column> COLUMNS =
      List.of(
          new Column("day", 1.1),
          new Column("field", 1.4),
          new Column("products", 3),
          new Column("active ingredients", 2.2),
          new Column("wind", 0.8),
          new Column("air", 0.8),
          new Column("machine", 1.4),
          new Column("written by", 1.1));

  private final FarmRecord record;

  SprayReport(FarmRecord record) {
    this.record = record;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.SPRAYS;
  }

  @Override
  public ReportText compose(Asked asked) {
    List<List<String>> rows = new ArrayList<>();
    for (FarmRecord.Line line : record.of(asked.farm())) {
      EntryView e = line.entry();
      boolean sprayed = e.kind() == LogKind.SPRAYED || !e.actives().isEmpty();
      if (sprayed && asked.of(line.fieldId()) && asked.covers(e.doneOn())) {
        rows.add(
            List.of(
                ReportDays.say(e.doneOn()),
                line.field(),
                Stream.concat(EntrySaid.products(asked, e).stream(), Stream.of(e.words()))
                    .filter(s -> !s.isEmpty())
                    .collect(Collectors.joining(", ")),
                e.actives().entrySet().stream()
                    .map(a -> a.getKey() + " " + asked.say(a.getValue(), Unit.G_PER_HA))
                    .collect(Collectors.joining(", ")),
                figure(asked, e.get(EntryFigure.WIND), Unit.M_PER_S),
                figure(asked, e.get(EntryFigure.AIR), Unit.CELSIUS),
                line.machine() == null ? "" : line.machine(),
                line.by() == null ? "" : line.by()));
      }
    }
    return new ReportText(
        List.of(new ReportText.Part("Sprays", COLUMNS, rows, "Nothing was sprayed in these days.")),
        List.of(
            "What the law asks to be written down of a spray (licence, registration number, re-entry) differs by"
                + " place: confirm with the label and the authority what has to be added."));
  }

  private static String figure(Asked asked, @Nullable Double value, Unit unit) {
    return value == null ? "" : asked.say(value, unit);
  }
}
