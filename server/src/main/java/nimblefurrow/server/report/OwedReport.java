package nimblefurrow.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import nimblefurrow.core.money.Owed;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.MoneyWay;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.report.ReportText.Column;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.FarmRecord;
import org.springframework.stereotype.Component;

/** Bills and payments of the days, and what is open between them by the last day. */
@Component
class OwedReport implements Composer {
  private static final List<Column> OPEN =
      List.of(
          new Column("with", 2),
          new Column("which way", 1.2),
          new Column("billed", 1),
          new Column("paid", 1),
          new Column("open", 1));
  private static final List<Column> BOOKED =
      List.of(
          new Column("day", 1.1),
          new Column("field", 1.4),
          new Column("what", 0.8),
          new Column("which way", 1.2),
          new Column("with", 1.6),
          new Column("amount", 1),
          new Column("in words", 2));

  private final FarmRecord record;

  OwedReport(FarmRecord record) {
    this.record = record;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.OWED;
  }

  @Override
  public ReportText compose(Asked asked) {
    List<Owed.Booking> all = new ArrayList<>();
    List<List<String>> booked = new ArrayList<>();
    for (FarmRecord.Line line : record.of(asked.farm())) {
      EntryView e = line.entry();
      boolean money = e.kind() == LogKind.BILL || e.kind() == LogKind.PAYMENT;
      if (!money || !asked.of(line.fieldId()) || e.doneOn().isAfter(asked.to())) {
        continue;
      }
      String party = Objects.requireNonNull(e.get(EntryName.PARTY));
      MoneyWay way = MoneyWay.of(Objects.requireNonNull(e.get(EntryName.MONEY_WAY)));
      double usd = Objects.requireNonNull(e.get(EntryFigure.MONEY));
      // What was billed before these days is still owed in them.
      all.add(new Owed.Booking(party, way, e.kind() == LogKind.BILL, usd));
      if (asked.covers(e.doneOn())) {
        booked.add(
            List.of(
                ReportDays.say(e.doneOn()),
                line.field(),
                e.kind().label(),
                way.label(),
                party,
                asked.say(usd, Unit.USD_CENTS),
                e.words()));
      }
    }
    List<List<String>> open =
        Owed.of(all).stream()
            .map(
                a ->
                    List.of(
                        a.party(),
                        a.way().label(),
                        asked.say(a.billedUsd(), Unit.USD_CENTS),
                        asked.say(a.paidUsd(), Unit.USD_CENTS),
                        asked.say(a.openUsd(), Unit.USD_CENTS)))
            .toList();
    return new ReportText(
        List.of(
            new ReportText.Part(
                "Owed on " + ReportDays.say(asked.to()), OPEN, open, "Nothing is written down."),
            new ReportText.Part(
                "Bills and payments", BOOKED, booked, "None is written down for these days.")),
        List.of());
  }
}
