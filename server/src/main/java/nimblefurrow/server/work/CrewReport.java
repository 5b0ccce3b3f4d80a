package nimblefurrow.server.work;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.job.SeedSheets;
import nimblefurrow.server.report.Asked;
import nimblefurrow.server.report.Composer;
import nimblefurrow.server.report.ReportDays;
import nimblefurrow.server.report.ReportKind;
import nimblefurrow.server.report.ReportText;
import nimblefurrow.server.report.ReportText.Column;
import org.springframework.stereotype.Component;

/** Who does what with what on each of some days of the kept work. */
@Component
class CrewReport implements Composer {
  private static final int MOST_DAYS = 62;
  private static final double MINUTES = 60;
  private static final List<Column> COLUMNS =
      List.of(
          new Column("who", 1.4),
          new Column("from", 0.7),
          new Column("to", 0.7),
          new Column("field", 1.8),
          new Column("work", 1.8),
          new Column("with", 1.8),
          new Column("in the box", 2.6));

  private final MorningService mornings;

  CrewReport(MorningService mornings) {
    this.mornings = mornings;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.CREW;
  }

  @Override
  public ReportText compose(Asked asked) {
    if (ChronoUnit.DAYS.between(asked.from(), asked.to()) >= MOST_DAYS) {
      throw new Refused("to", "Crew orders are for at most %d days.".formatted(MOST_DAYS));
    }
    List<ReportText.Part> days = new ArrayList<>();
    for (LocalDate d = asked.from(); !d.isAfter(asked.to()); d = d.plusDays(1)) {
      List<List<String>> rows = rows(asked, mornings.on(asked.farm().id(), d));
      if (!rows.isEmpty()) {
        days.add(new ReportText.Part(ReportDays.say(d), COLUMNS, rows, ""));
      }
    }
    if (days.isEmpty()) {
      days.add(
          new ReportText.Part(
              "Work", COLUMNS, List.of(), "No kept work falls on these days; lay it out first."));
    }
    return new ReportText(
        days,
        List.of(
            "Weather and ground decide the day. What is sprayed goes by the label, with the licence"
                + " and protection it asks for; nobody goes in before its re-entry time is over."));
  }

  private static List<List<String>> rows(Asked asked, MorningService.Morning morning) {
    List<List<String>> rows = new ArrayList<>();
    for (MorningService.PersonDay person : morning.people()) {
      for (MorningService.Task t : person.tasks()) {
        if (asked.of(t.fieldId())) {
          rows.add(
              List.of(
                  person.who(),
                  clock(t.from()),
                  clock(t.to()) + (t.goesOn() ? ", goes on" : ""),
                  t.field(),
                  t.label(),
                  t.doer(),
                  box(asked, t.seed())));
        }
      }
    }
    return rows;
  }

  private static String box(Asked asked, SeedSheets.@org.jspecify.annotations.Nullable BoxSheet s) {
    return s == null
        ? ""
        : Stream.concat(
                s.seeds().stream()
                    .map(
                        seed ->
                            seed.name()
                                + " "
                                + asked.say(seed.rateKgPerHa(), Unit.KG_PER_HA)
                                + (seed.treated() ? ", treated" : "")),
                s.rows().stream().map(r -> r.say(asked.units())))
            .collect(Collectors.joining("; "));
  }

  private static String clock(double hour) {
    long minutes = Math.round(hour * MINUTES);
    return "%d:%02d".formatted(minutes / 60, minutes % 60);
  }
}
