package nimblefurrow.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.report.CoversGrown.Grown;
import nimblefurrow.server.report.ReportText.Column;
import org.springframework.stereotype.Component;

/** Area under cover by season: planned, seeded, ended. */
@Component
class AcresReport implements Composer {
  private static final List<Column> COLUMNS =
      List.of(
          new Column("season", 1),
          new Column("covers", 1),
          new Column("area planned", 1),
          new Column("area seeded", 1),
          new Column("area ended", 1));

  private final CoversGrown covers;

  AcresReport(CoversGrown covers) {
    this.covers = covers;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.ACRES;
  }

  @Override
  public ReportText compose(Asked asked) {
    Map<Integer, List<Grown>> seasons = new TreeMap<>();
    for (Grown g : covers.of(asked)) {
      if (asked.covers(g.plan().seedOn())) {
        seasons.computeIfAbsent(g.season(), k -> new ArrayList<>()).add(g);
      }
    }
    List<List<String>> rows = new ArrayList<>();
    seasons.forEach(
        (season, all) ->
            rows.add(
                List.of(
                    "%d–%02d".formatted(season, (season + 1) % 100),
                    String.valueOf(all.size()),
                    asked.say(all.stream().mapToDouble(Grown::areaHa).sum(), Unit.HA),
                    asked.say(all.stream().mapToDouble(Grown::seededHa).sum(), Unit.HA),
                    asked.say(
                        all.stream()
                            .filter(g -> g.ended() != null)
                            .mapToDouble(Grown::seededHa)
                            .sum(),
                        Unit.HA))));
    return new ReportText(
        List.of(new ReportText.Part("By season", COLUMNS, rows, "No cover falls into these days.")),
        List.of(
            "Seeded and ended are what the record says; a cover nobody wrote down is not in them."));
  }
}
