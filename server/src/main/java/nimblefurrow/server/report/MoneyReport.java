package nimblefurrow.server.report;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.money.AccountViews.CoverAccountView;
import nimblefurrow.server.money.AccountViews.LineView;
import nimblefurrow.server.money.FieldAccounts;
import nimblefurrow.server.report.ReportText.Column;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the covers of some seasons cost and brought, cover by cover and line by line. */
@Component
class MoneyReport implements Composer {
  private static final List<Column> COVERS =
      List.of(
          new Column("field", 1.4),
          new Column("season", 0.8),
          new Column("cover", 2),
          new Column("area", 0.9),
          new Column("planned", 1.1),
          new Column("as it stands", 1.1));
  private static final List<Column> LINES =
      List.of(
          new Column("field", 1.3),
          new Column("season", 0.8),
          new Column("for", 1.2),
          new Column("how it comes about", 3),
          new Column("planned", 1.1),
          new Column("came to", 1.1));

  private final FieldAccounts accounts;

  MoneyReport(FieldAccounts accounts) {
    this.accounts = accounts;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.MONEY;
  }

  @Override
  public ReportText compose(Asked asked) {
    int first = SeasonDates.seasonOf(asked.from());
    int last = SeasonDates.seasonOf(asked.to());
    List<List<String>> covers = new ArrayList<>();
    List<List<String>> lines = new ArrayList<>();
    BigDecimal planned = BigDecimal.ZERO;
    BigDecimal stands = BigDecimal.ZERO;
    for (CoverAccountView c : accounts.farm(asked.farm().id(), first, last).covers()) {
      if (!asked.of(c.fieldId())) {
        continue;
      }
      BigDecimal meant = BigDecimal.ZERO;
      BigDecimal now = BigDecimal.ZERO;
      for (LineView l : c.lines()) {
        meant = meant.add(cents(l.planned(), c.areaHa()));
        now = now.add(cents(l.came() == null ? l.planned() : l.came(), c.areaHa()));
        lines.add(line(asked, c, l));
      }
      planned = planned.add(meant);
      stands = stands.add(now);
      covers.add(
          List.of(
              c.field(),
              String.valueOf(c.season()),
              c.cover(),
              asked.say(c.areaHa(), Unit.HA),
              said(asked, meant),
              said(asked, now)));
    }
    if (!covers.isEmpty()) {
      covers.add(List.of("All of them", "", "", "", said(asked, planned), said(asked, stands)));
    }
    return new ReportText(
        List.of(
            new ReportText.Part(
                "Covers: what they cost (−) and bring",
                COVERS,
                covers,
                "No cover is planned in these seasons."),
            new ReportText.Part("Line by line", LINES, lines, "There are none.")),
        List.of(
            "What has not come yet counts as planned. Nitrogen and yield are the model's, at the"
                + " farm's prices."));
  }

  private static List<String> line(Asked asked, CoverAccountView c, LineView l) {
    return List.of(
        c.field(),
        String.valueOf(c.season()),
        l.label(),
        l.words().say(asked.units()),
        l.planned() == null ? "" : said(asked, cents(l.planned(), c.areaHa())),
        l.came() == null ? "" : said(asked, cents(l.came(), c.areaHa())));
  }

  /** Of the whole piece, as each line is shown, so that the lines add up. */
  private static BigDecimal cents(@Nullable Double usdPerHa, double areaHa) {
    return usdPerHa == null
        ? BigDecimal.ZERO
        : BigDecimal.valueOf(usdPerHa * areaHa).setScale(2, RoundingMode.HALF_UP);
  }

  private static String said(Asked asked, BigDecimal usd) {
    return asked.say(usd.doubleValue(), Unit.USD_CENTS);
  }
}
