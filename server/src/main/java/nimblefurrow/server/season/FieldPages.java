package nimblefurrow.server.season;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.ending.EndingAdviser;
import nimblefurrow.core.ending.EndingField;
import nimblefurrow.core.outlook.Expected;
import nimblefurrow.core.outlook.NextStep;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.outlook.PlanDifference;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.units.Spread;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.plan.PlanHistory;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import nimblefurrow.server.worklog.EntryView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** All that a field's page shows of its season. */
@Component
class FieldPages {
  /** Days for which the wet ways are counted. */
  private static final int DAYS_AHEAD = 10;

  private final PlanHistory history;
  private final WeatherService weathers;
  private final Standings standings;
  private final Outlooks outlooks;
  private final Furrows furrows;
  private final AxisLimits limits;

  FieldPages(
      PlanHistory history,
      WeatherService weathers,
      Standings standings,
      Outlooks outlooks,
      Furrows furrows,
      AxisLimits limits) {
    this.limits = limits;
    this.history = history;
    this.weathers = weathers;
    this.standings = standings;
    this.outlooks = outlooks;
    this.furrows = furrows;
  }

  /** What hangs on a plan; empty lists where there is none, or no weather. */
  private record Planned(
      List<FieldSeasonView.EndingView> endings,
      List<FieldSeasonView.SpeciesView> species,
      List<SeasonView.Goal> goals,
      double @Nullable [] groundFit,
      List<FieldSeasonView.SightingEffect> moved,
      List<FieldSeasonView.Limit> limits) {
    static final Planned NONE =
        new Planned(List.of(), List.of(), List.of(), null, List.of(), List.of());
  }

  /**
   * The page.
   *
   * @param comeBy when the seeding machine must come; null when none is known
   * @param changes what a proposal changes; empty without one
   */
  FieldSeasonView page(
      FarmView farm,
      FieldCase c,
      @Nullable PlanView plan,
      NextStep.@Nullable ComeBy comeBy,
      List<ReasonView> changes) {
    FarmWeather weather = weathers.find(farm).orElse(null);
    Furrows.Placed placed = furrows.place(c, farm, weather, plan);
    List<SeasonView.WindowView> windows = List.of();
    Planned planned = Planned.NONE;
    if (weather != null) {
      Standings.Placing p = standings.of(farm, c, weather, plan == null ? null : plan.plan());
      windows = windows(farm, c, plan, p.crop(), weather);
      CoverPlan cover = p.cover();
      planned =
          plan == null || cover == null
              ? Planned.NONE
              : planned(farm, c, plan.plan(), cover, p.crop(), weather);
    }
    return new FieldSeasonView(
        c.field(),
        farm.today(),
        start(farm),
        furrows.furrow(farm, placed, plan, weather, comeBy),
        furrows.shape(placed, weather),
        planned.limits(),
        windows,
        planned.endings(),
        planned.species(),
        planned.goals(),
        planned.groundFit(),
        history.of(farm.id(), c.field().piece()),
        changes,
        planned.moved(),
        weather == null ? null : sky(farm, weather));
  }

  private FieldSeasonView.Sky sky(FarmView farm, FarmWeather weather) {
    LocalDate year = LocalDate.of(farm.seasonYear(), Month.JANUARY, 1);
    Spread frost = weather.climate().killingFrost();
    return new FieldSeasonView.Sky(
        SeasonViews.rain(farm, weather),
        SeasonViews.rounded(weathers.foretold(farm).ensemble().wetShares(DAYS_AHEAD), 2),
        year.plusDays(Math.round(frost.quantile(0.1))),
        year.plusDays(Math.round(frost.median())),
        year.plusDays(Math.round(frost.quantile(0.9))));
  }

  private static LocalDate start(FarmView farm) {
    return SeasonService.start(farm);
  }

  private List<SeasonView.WindowView> windows(
      FarmView farm, FieldCase c, @Nullable PlanView plan, CropSeasons crop, FarmWeather weather) {
    return standings.windows(c, weather, crop, plan == null ? null : plan.plan()).stream()
        .sorted(
            Comparator.comparing((Window w) -> !w.possible()).thenComparing(w -> w.opens().day()))
        .map(w -> SeasonViews.of(w, weathers.foretold(farm).ensemble()))
        .toList();
  }

  private Planned planned(
      FarmView farm,
      FieldCase c,
      PlanInput plan,
      CoverPlan cover,
      CropSeasons crop,
      FarmWeather weather) {
    List<SeasonRun> runs = outlooks.forecaster().runs(cover, crop);
    Outlook outlook = outlooks.outlook(cover, crop, weather);
    return new Planned(
        EndingAdviser.options(new EndingField(cover, crop, runs, c.wish(), c.field().organic()))
            .stream()
            .map(o -> SeasonViews.of(o, runs.size()))
            .toList(),
        outlook.species().stream()
            .map(s -> SeasonViews.speciesView(s, outlook.years(), crop))
            .toList(),
        Arrays.stream(Purpose.values()).map(g -> SeasonViews.goal(g, outlook)).toList(),
        SeasonViews.rounded(outlook.groundFit(), 2),
        moved(c, plan, cover, crop, weather),
        limits.of(farm.id(), c, cover, plan.ending(), weather.record()));
  }

  /** What each sighting changed against what was forecast before it. */
  private List<FieldSeasonView.SightingEffect> moved(
      FieldCase c, PlanInput plan, CoverPlan cover, CropSeasons crop, FarmWeather weather) {
    List<FieldSeasonView.SightingEffect> all = new ArrayList<>();
    List<EntryView> seen = c.log().seen();
    for (int n = 1; n <= seen.size(); n++) {
      CoverPlan before = cover.seeing(c.sightings(plan, n - 1));
      CoverPlan after = cover.seeing(c.sightings(plan, n));
      if (!after.seen().equals(before.seen())) {
        Outlook had = outlooks.outlook(before, crop, weather);
        Sighting last = after.seen().get(after.seen().size() - 1);
        all.add(
            new FieldSeasonView.SightingEffect(
                seen.get(n - 1),
                Expected.of(last, had, crop).map(ReasonView::of).orElse(null),
                PlanDifference.between(
                        before,
                        had,
                        after,
                        outlooks.outlook(after, crop, weather),
                        FieldCase.purpose(plan))
                    .stream()
                    .map(ReasonView::of)
                    .toList()));
      }
    }
    return all;
  }
}
