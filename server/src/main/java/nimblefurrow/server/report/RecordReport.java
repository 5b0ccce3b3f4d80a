package nimblefurrow.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.report.ReportText.Column;
import nimblefurrow.server.worklog.FarmRecord;
import org.springframework.stereotype.Component;

/** All that was done and seen, field by field. */
@Component
class RecordReport implements Composer {
  private static final List<Column> COLUMNS =
      List.of(
          new Column("day", 1.1),
          new Column("what", 1.5),
          new Column("figures", 3.4),
          new Column("in words", 2.6),
          new Column("machine", 1.4),
          new Column("written by", 1.2));

  private final FarmRecord record;
  private final SpeciesService species;

  RecordReport(FarmRecord record, SpeciesService species) {
    this.record = record;
    this.species = species;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.RECORD;
  }

  @Override
  public ReportText compose(Asked asked) {
    SpeciesTable table = species.table(asked.farm().id());
    Map<String, List<List<String>>> byField = new TreeMap<>();
    for (FarmRecord.Line line : record.of(asked.farm())) {
      if (asked.of(line.fieldId()) && asked.covers(line.entry().doneOn())) {
        byField.computeIfAbsent(line.field(), k -> new ArrayList<>()).add(row(asked, table, line));
      }
    }
    List<ReportText.Part> parts = new ArrayList<>();
    byField.forEach((field, rows) -> parts.add(new ReportText.Part(field, COLUMNS, rows, "")));
    if (parts.isEmpty()) {
      parts.add(
          new ReportText.Part(
              "Entries", COLUMNS, List.of(), "Nothing was written down in these days."));
    }
    return new ReportText(parts, List.of());
  }

  private static List<String> row(Asked asked, SpeciesTable table, FarmRecord.Line line) {
    String by = line.by() == null ? "" : line.by();
    return List.of(
        ReportDays.say(line.entry().doneOn()),
        line.entry().kind().label(),
        EntrySaid.figures(asked, table, line),
        line.entry().words(),
        line.machine() == null ? "" : line.machine(),
        line.corrected() == 0 ? by : by + ", put right " + line.corrected() + "×");
  }
}
