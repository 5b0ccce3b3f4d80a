package nimblefurrow.server.report;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.report.ReportText.Column;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.FarmRecord;
import org.springframework.stereotype.Component;

/** Which animals were on which field, and for how long. */
@Component
class GrazingReport implements Composer {
  private static final List<Column> COLUMNS =
      List.of(
          new Column("field", 1.5),
          new Column("on", 1.2),
          new Column("off", 1.2),
          new Column("days", 0.6),
          new Column("head", 0.6),
          new Column("animal-days", 1),
          new Column("height left", 1),
          new Column("in words", 2.5),
          new Column("written by", 1.2));

  private final FarmRecord record;

  GrazingReport(FarmRecord record) {
    this.record = record;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.GRAZING;
  }

  @Override
  public ReportText compose(Asked asked) {
    List<List<String>> rows = new ArrayList<>();
    double animalDays = 0;
    for (FarmRecord.Line line : record.of(asked.farm())) {
      EntryView e = line.entry();
      if (e.kind() != LogKind.GRAZED || !asked.of(line.fieldId())) {
        continue;
      }
      double days = Objects.requireNonNull(e.get(EntryFigure.GRAZED));
      double head = Objects.requireNonNull(e.get(EntryFigure.HEAD));
      LocalDate on = e.doneOn().minusDays(Math.round(days) - 1);
      // It belongs here where any of its days does.
      if (on.isAfter(asked.to()) || e.doneOn().isBefore(asked.from())) {
        continue;
      }
      animalDays += days * head;
      Double left = e.get(EntryFigure.LEFT);
      rows.add(
          List.of(
              line.field(),
              ReportDays.say(on),
              ReportDays.say(e.doneOn()),
              asked.say(days, Unit.COUNT),
              asked.say(head, Unit.COUNT),
              asked.say(days * head, Unit.COUNT),
              left == null ? "" : asked.say(left, Unit.CM),
              e.words(),
              line.by() == null ? "" : line.by()));
    }
    String title = "Grazed, %s animal-days".formatted(asked.say(animalDays, Unit.COUNT));
    return new ReportText(
        List.of(
            new ReportText.Part(
                title, COLUMNS, rows, "No animals are written down for these days.")),
        List.of(
            "How long animals stay off after a spray or behind treated seed is on the label and the"
                + " seed tag; confirm it there, and nitrate or prussic acid with a laboratory."));
  }
}
