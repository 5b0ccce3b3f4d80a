package nimblefurrow.server.job;

import java.util.List;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.report.Asked;
import nimblefurrow.server.report.Composer;
import nimblefurrow.server.report.ReportKind;
import nimblefurrow.server.report.ReportText;
import nimblefurrow.server.report.ReportText.Column;
import org.springframework.stereotype.Component;

/** Seed that the season's plans still need and nobody has: for whoever sells it. */
@Component
class SeedOrderReport implements Composer {
  /** Share bought over what is needed, as the seed list does. */
  private static final double ALLOWANCE = 0.05;

  private static final List<Column> COLUMNS =
      List.of(
          new Column("seed", 2),
          new Column("to buy", 1),
          new Column("needed", 1),
          new Column("in the bin", 1),
          new Column("about", 1),
          new Column("for", 3));

  private final SeedList seed;

  SeedOrderReport(SeedList seed) {
    this.seed = seed;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.SEED;
  }

  @Override
  public ReportText compose(Asked asked) {
    List<JobViews.SeedNeed> buy =
        seed.needs(asked.farm().id(), ALLOWANCE).stream().filter(n -> n.buyKg() > 0).toList();
    List<List<String>> rows =
        buy.stream()
            .map(
                n ->
                    List.of(
                        n.name(),
                        asked.say(n.buyKg(), Unit.KG),
                        asked.say(n.needKg(), Unit.KG),
                        asked.say(n.stockKg(), Unit.KG),
                        asked.say(n.usd(), Unit.USD),
                        String.join(", ", n.fields())))
            .toList();
    String title =
        "Season %d–%02d, to buy"
            .formatted(asked.farm().seasonYear(), (asked.farm().seasonYear() + 1) % 100);
    return new ReportText(
        List.of(
            new ReportText.Part(title, COLUMNS, rows, "There is seed for all that is planned.")),
        List.of(
            "Masses hold %s more than the plans need, for usual seed: let the tag's germination and"
                    .formatted(asked.say(ALLOWANCE, Unit.SHARE))
                + " purity settle what is bought. The seed of all fields and the whole season is"
                + " told, whatever field and days were asked for. Prices are the farm's own guess."));
  }
}
