package nimblefurrow.server.season;

import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Stream;
import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.outlook.PlanWarnings;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.RainSoon;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.WeatherEnsemble;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import org.jspecify.annotations.Nullable;

/** What the core found, as the wire shows it. */
final class SeasonViews {
  private static final int POINTS = SeasonService.POINTS;

  private SeasonViews() {}

  static SeasonView.Goal goal(Purpose purpose, Outlook outlook) {
    Spread worth = outlook.worth(purpose);
    int met = outlook.met(purpose, purpose.target());
    return new SeasonView.Goal(
        purpose.key(),
        purpose.label(),
        purpose.measure(),
        purpose.target(),
        purpose.unit(),
        met,
        outlook.years(),
        PlanWarnings.poor(met, outlook.years()),
        worth.quantile(0.1),
        worth.median(),
        worth.quantile(0.9),
        purpose.levels().stream()
            .map(l -> new SeasonView.LevelOdds(l.from(), l.words(), worth.atLeast(l.from())))
            .toList());
  }

  static FieldSeasonView.SpeciesView speciesView(
      Outlook.SpeciesOutlook s, int years, CropSeasons crop) {
    return new FieldSeasonView.SpeciesView(
        s.name(),
        s.plantsPerM2().quantile(0.1),
        s.plantsPerM2().median(),
        s.plantsPerM2().quantile(0.9),
        s.winterSurvival().median(),
        s.stages().stream()
            .map(
                g ->
                    new FieldSeasonView.StageView(
                        g.name(),
                        g.years(),
                        years,
                        day(g.day().quantile(0.1), crop),
                        day(g.day().median(), crop),
                        day(g.day().quantile(0.9), crop)))
            .toList());
  }

  static List<SeasonView.DeedView> deeds(FieldStanding standing) {
    return Arrays.stream(Deed.values())
        .map(standing::of)
        .filter(d -> d.state() != DeedStanding.State.NONE)
        .map(d -> new SeasonView.DeedView(d.deed(), d.state(), d.day()))
        .toList();
  }

  static @Nullable LocalDate day(double count, CropSeasons crop) {
    return Double.isFinite(count) ? crop.day(count) : null;
  }

  static SeasonView.CropShape shape(CropSeasons crop) {
    double[] standing = new double[POINTS];
    double[] green = new double[POINTS];
    int first = crop.count(LocalDate.of(crop.ensemble().seasonYear(), Month.JULY, 1));
    for (int p = 0; p < POINTS; p++) {
      int day = first + 7 * p;
      standing[p] =
          Spread.of(crop.years().stream().mapToDouble(y -> y.standing(day)).toArray()).median();
      green[p] =
          Spread.of(crop.years().stream().mapToDouble(y -> y.greenCover(day)).toArray()).median();
    }
    return new SeasonView.CropShape(rounded(standing, 2), rounded(green, 2));
  }

  static SeasonView.Strip strip(FarmView farm, FarmWeather weather) {
    LocalDate start = SeasonService.start(farm);
    DailyWeather record = weather.record();
    double[] low = new double[POINTS];
    double[] middle = new double[POINTS];
    double[] high = new double[POINTS];
    int first = (int) ChronoUnit.DAYS.between(weather.ensemble().start(), start);
    for (int p = 0; p < POINTS; p++) {
      int day = first + 7 * p;
      Spread week =
          Spread.of(
              weather.ensemble().ensemble().stream()
                  .mapToDouble(
                      s -> {
                        double sum = 0;
                        for (int d = day; d < day + 7; d++) {
                          sum += s.meanC(d);
                        }
                        return sum / 7;
                      })
                  .toArray());
      low[p] = week.quantile(0.1);
      middle[p] = week.median();
      high[p] = week.quantile(0.9);
    }
    return new SeasonView.Strip(
        seen(farm, record, record::meanC),
        rain(farm, weather),
        rounded(low, 1),
        rounded(middle, 1),
        rounded(high, 1));
  }

  /** Rain of each day seen, from the season's start on, mm. */
  static double[] rain(FarmView farm, FarmWeather weather) {
    return seen(farm, weather.record(), weather.record()::precipMm);
  }

  private static double[] seen(FarmView farm, DailyWeather record, IntToDoubleFunction of) {
    LocalDate start = SeasonService.start(farm);
    long days = ChronoUnit.DAYS.between(start, record.end()) + 1;
    int at = record.indexOf(start);
    double[] all = new double[(int) Math.max(0, Math.min(POINTS * 7L, days))];
    for (int i = 0; i < all.length; i++) {
      all[i] = at + i >= 0 ? of.applyAsDouble(at + i) : 0;
    }
    return rounded(all, 1);
  }

  static SeasonView.WindowView of(Window w) {
    return of(w, Optional.empty());
  }

  /** With the rain that may follow, after the skies that know most. */
  static SeasonView.WindowView of(Window w, WeatherEnsemble ensemble) {
    return of(w, RainSoon.after(w, ensemble));
  }

  private static SeasonView.WindowView of(Window w, Optional<Reason> rain) {
    return new SeasonView.WindowView(
        w.method().key(),
        w.method().label(),
        w.possible(),
        edge(w.opens()),
        edge(w.bestUntil()),
        edge(w.closes()),
        Stream.concat(rain.stream(), w.cautions().stream()).map(ReasonView::of).toList());
  }

  static SeasonView.Edge edge(Window.Edge edge) {
    return new SeasonView.Edge(edge.day(), ReasonView.of(edge.reason()));
  }

  static double[] rounded(double[] values, int places) {
    double scale = Math.pow(10, places);
    return Arrays.stream(values).map(v -> Math.round(v * scale) / scale).toArray();
  }

  static FieldSeasonView.EndingView of(EndingOption o, int years) {
    return new FieldSeasonView.EndingView(
        o.method().key(),
        o.method().label(),
        o.fit(),
        o.from(),
        o.to(),
        o.yearsReady(),
        years,
        o.coverMgPerHa(),
        o.reasons().stream().map(ReasonView::of).toList(),
        o.cautions().stream().map(ReasonView::of).toList());
  }
}
