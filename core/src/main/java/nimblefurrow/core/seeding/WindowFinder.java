package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Hardiness;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.weather.Climate;
import org.jspecify.annotations.Nullable;

/**
 * Finds when a cover can be seeded round a cash crop: the later of what opens, the earlier of what
 * closes, each with its reason. Days are medians over the ways the season may go.
 */
public final class WindowFinder {
  private static final double STANDING_LIGHT = 0.25;
  private static final double ROW_LIGHT = 0.40;
  private static final double POOR_YEAR = 0.2;
  private static final int SURFACE_EARLIER_DAYS = 10;
  private static final double FROST_SHARE = 0.4;

  /** Heavier seed is not drawn in by freeze and thaw. Working value. */
  private static final double FROST_SEED_MG = 5;

  private final Climate climate;
  private final CropSeasons crop;

  public WindowFinder(Climate climate, CropSeasons crop) {
    this.climate = climate;
    this.crop = crop;
  }

  /**
   * The window of a cover behind another cover: as {@link #find}, but not before that one has
   * ended.
   */
  public Window findAfter(LocalDate ended, List<Species> cover, SeedingMethod method, Soil soil) {
    Window alone = find(cover, method, soil);
    if (!alone.possible() || !ended.isAfter(alone.opens().day())) {
      return alone;
    }
    Window.Edge opens =
        new Window.Edge(ended, Reason.of("the cover before it ends {day}").with("day", ended));
    return new Window(
        method,
        !ended.isAfter(alone.closes().day()),
        opens,
        alone.bestUntil(),
        alone.closes(),
        alone.cautions());
  }

  /**
   * The window of a cover.
   *
   * @param cover its species, at least one; the most demanding sets the edges
   * @param method how it is seeded
   * @param soil the ground
   */
  public Window find(List<Species> cover, SeedingMethod method, Soil soil) {
    if (method.when() == SeedingMethod.When.AT_HARVEST
        && crop.crop() instanceof CashCrop.Corn corn
        && corn.silage()) {
      Window.Edge never = edge(181, Reason.of("a chopper carries no seeder on its head"));
      return new Window(method, false, never, never, never, List.of());
    }
    if (!fits(method)) {
      Window.Edge never =
          edge(181, Reason.of("{method} needs a standing crop").with("method", method.label()));
      return new Window(method, false, never, never, never, List.of());
    }
    Species unfit = method == SeedingMethod.FROST ? tooBigOrTender(cover) : null;
    if (unfit != null) {
      Window.Edge never =
          edge(
              181,
              Reason.of("frost seeding is for small hardy seed such as clovers, not {species}")
                  .with("species", unfit.name()));
      return new Window(method, false, never, never, never, List.of());
    }
    List<Window.Edge> opening = new ArrayList<>();
    List<Window.Edge> closing = new ArrayList<>();
    placementEdges(method, opening, closing);
    Window.Edge best = null;
    if (method != SeedingMethod.FROST && method.when() != SeedingMethod.When.YOUNG_CROP) {
      for (Species species : cover) {
        opening.add(earliest(species));
        HeatEdges heat = heat(species, method);
        closing.add(method.spreadAndLeft() ? comesUp(species, method, soil, opening) : heat.last());
        if (best == null || heat.best().day().isBefore(best.day())) {
          best = heat.best();
        }
      }
    }
    Window.Edge opens = latest(opening);
    Window.Edge closes = soonest(closing);
    if (best == null || best.day().isAfter(closes.day())) {
      best = closes;
    }
    boolean possible = !opens.day().isAfter(closes.day());
    return new Window(method, possible, opens, best, closes, cautions(method, soil, cover));
  }

  /** The first species that freeze and thaw do not bed, or that spring frost would take. */
  private static @Nullable Species tooBigOrTender(List<Species> cover) {
    return cover.stream()
        .filter(
            s ->
                !s.legume()
                    || s.seed().singleMg() > FROST_SEED_MG
                    || s.winter().hardiness() != Hardiness.HARDY)
        .findFirst()
        .orElse(null);
  }

  private boolean fits(SeedingMethod method) {
    boolean rows = crop.crop() instanceof CashCrop.Corn || crop.crop() instanceof CashCrop.Soybean;
    return switch (method.when()) {
      case YOUNG_CROP, STANDING_CROP -> rows;
      case AT_HARVEST -> rows || crop.crop() instanceof CashCrop.SmallGrain;
      case AFTER_HARVEST, LATE_WINTER -> true;
    };
  }

  private void placementEdges(
      SeedingMethod method, List<Window.Edge> opening, List<Window.Edge> closing) {
    switch (method.when()) {
      case AFTER_HARVEST -> opening.add(harvest("the crop is off {day} in the middle year"));
      case AT_HARVEST -> {
        opening.add(harvest("the combine is in the field {day} in the middle year"));
        Spread harvest = crop.harvest();
        closing.add(
            edge(
                harvest.quantile(0.9),
                Reason.of("it goes out with the combine; nine years in ten are cut by {day}")));
      }
      case YOUNG_CROP -> youngCrop(method, opening, closing);
      case STANDING_CROP -> standingCrop(method, opening, closing);
      case LATE_WINTER -> lateWinter(opening, closing);
    }
  }

  private Window.Edge harvest(String text) {
    if (crop.crop() instanceof CashCrop.None) {
      return new Window.Edge(
          crop.skies().start().plusDays(181), Reason.of("nothing stands on the field"));
    }
    Spread harvest = crop.harvest();
    Reason reason = Reason.of(text);
    if (harvest.quantile(0.9) - harvest.quantile(0.1) >= 3) {
      reason =
          Reason.of(text + ", {early} to {late} in eight of ten")
              .with("early", crop.day(harvest.quantile(0.1)))
              .with("late", crop.day(harvest.quantile(0.9)));
    }
    return edge(harvest.median(), reason);
  }

  private void youngCrop(
      SeedingMethod method, List<Window.Edge> opening, List<Window.Edge> closing) {
    if (crop.crop() instanceof CashCrop.Corn) {
      int from = method == SeedingMethod.AIR_BOX ? 4 : 3;
      int to = method == SeedingMethod.AIR_BOX ? 6 : 7;
      opening.add(
          edge(
              crop.stageReached(from).median(),
              Reason.of("corn reaches V" + from + " about {day}: smaller corn is hurt")));
      closing.add(
          edge(
              crop.stageReached(to + 1.0).median() - 1,
              Reason.of("corn passes V" + to + " after {day}: taller than the bar, too dark")));
    } else {
      // Leaves of soybeans follow days from planting: V2 at about 21 days, V4 at about 32.
      opening.add(edge(crop.stageReached(21).median(), Reason.of("soybeans reach V2 about {day}")));
      closing.add(
          edge(
              crop.stageReached(32).median(),
              Reason.of("soybeans pass V4 after {day}: they close over what comes up")));
    }
    closing.add(
        edge(
            crop.lightFalls(ROW_LIGHT).median(),
            Reason.of("after {day} under {light} of daylight reaches the ground")
                .with("light", ROW_LIGHT, Unit.SHARE)));
  }

  private void standingCrop(
      SeedingMethod method, List<Window.Edge> opening, List<Window.Edge> closing) {
    opening.add(
        edge(
            crop.lightRises(STANDING_LIGHT).median(),
            Reason.of("leaves let {light} of daylight through from {day} on")
                .with("light", STANDING_LIGHT, Unit.SHARE)));
    if (crop.crop() instanceof CashCrop.Soybean && method != SeedingMethod.HIGH_CLEARANCE) {
      closing.add(
          edge(
              crop.mature().median() + 2,
              Reason.of(
                  "half of the soybean leaves are down by {day}; seed must fall under them")));
      return;
    }
    int before =
        switch (method) {
          case AIRCRAFT -> 21;
          case DRONE -> 10;
          default -> 14;
        };
    closing.add(
        edge(
            crop.harvest().median() - before,
            Reason.of("{before} before harvest, {harvest} in the middle year: time to come up")
                .with("before", before, Unit.DAYS)
                .with("harvest", crop.day(crop.harvest().median()))));
  }

  private void lateWinter(List<Window.Edge> opening, List<Window.Edge> closing) {
    double begins = climate.freezeThawBegins().median();
    double until = climate.freezeThawUntil(FROST_SHARE);
    // Late winter belongs to the spring after harvest, unless a grain stands to be seeded into now.
    int year = crop.crop() instanceof CashCrop.SmallGrain ? 0 : 365;
    opening.add(
        edge(begins + year, Reason.of("nights freeze and days thaw on most days from {day} on")));
    closing.add(
        edge(
            Math.max(until, begins) + year,
            Reason.of("after {day} fewer than {share} of days freeze and thaw, which beds the seed")
                .with("share", FROST_SHARE, Unit.SHARE)));
  }

  private Window.Edge earliest(Species species) {
    double day = climate.averageKillingFrost() - 7 * species.dates().weeksEarliest();
    return edge(
        day,
        Reason.of(
                "{species} seeded before {day} grows too far before winter; hard frost is {frost}")
            .with("species", species.name())
            .with("frost", crop.day(climate.averageKillingFrost())));
  }

  /** What is spread and left closes where the model has too little of it come up by May. */
  private Window.Edge comesUp(
      Species species, SeedingMethod method, Soil soil, List<Window.Edge> opening) {
    SurfaceEmergence emergence = new SurfaceEmergence(crop, species, method, soil);
    LocalDate last = emergence.lastDay(latest(opening).day());
    return new Window.Edge(
        last,
        Reason.of(
                "spread later than {day}, under {share} of the live {species} is up by May in the"
                    + " middle year")
            .with("day", last)
            .with("share", SurfaceEmergence.LEAST, Unit.SHARE)
            .with("species", species.name()));
  }

  private record HeatEdges(Window.Edge best, Window.Edge last) {}

  /** Last dates by warmth: the species' own date, and what that date's usual warmth asks for. */
  private HeatEdges heat(Species species, SeedingMethod method) {
    double shift =
        switch (method) {
          case SLURRY, PRECISION_PLANTER -> 5;
          default -> method.buried() ? 0 : SURFACE_EARLIER_DAYS;
        };
    int last =
        (int) Math.round(climate.averageKillingFrost() - 7 * species.dates().weeksLatest() - shift);
    double need = climate.heatFrom(last).median();
    int best = last;
    while (best > 0 && climate.heatFrom(best).quantile(POOR_YEAR) < need) {
      best--;
    }
    Reason lastReason =
        Reason.of(
                "after {day} the middle year has under {heat} above {base} left, {species} needs it")
            .with("heat", need, Unit.DEGREE_DAYS)
            .with("base", 4, Unit.CELSIUS)
            .with("species", species.name());
    Reason bestReason =
        Reason.of("up to {day} four years in five still bring the {heat} {species} needs")
            .with("heat", need, Unit.DEGREE_DAYS)
            .with("species", species.name());
    return new HeatEdges(edge(best, bestReason), edge(last, lastReason));
  }

  private List<Reason> cautions(SeedingMethod method, Soil soil, List<Species> cover) {
    List<Reason> cautions = new ArrayList<>();
    if (method.when() == SeedingMethod.When.YOUNG_CROP) {
      cover.stream().map(Interseeded::say).flatMap(Optional::stream).forEach(cautions::add);
    }
    if (method == SeedingMethod.INTERSEEDER || method == SeedingMethod.AIR_BOX) {
      cautions.add(
          Reason.of(
              "check residual herbicides on this crop first; the label's rotation section decides"));
      if (crop.crop() instanceof CashCrop.Soybean) {
        cautions.add(Reason.of("tall cover in soybeans gets in the way of the cutter bar"));
      }
    }
    if (method == SeedingMethod.SLURRY
        && (soil.texture() == Texture.SAND || soil.texture() == Texture.SANDY_LOAM)) {
      cautions.add(Reason.of("slurry seeding fails often on coarse, droughty ground"));
    }
    if (method == SeedingMethod.FROST) {
      cover.stream()
          .filter(s -> !s.legume())
          .findFirst()
          .ifPresent(
              s ->
                  cautions.add(
                      Reason.of("frost seeding is for clovers; {species} seldom makes a stand")
                          .with("species", s.name())));
    }
    if (method == SeedingMethod.AIRCRAFT || method == SeedingMethod.DRONE) {
      cautions.add(
          Reason.of("licensed pilots only; keep people and animals out and mind the wind"));
    }
    return cautions;
  }

  private Window.Edge edge(double count, Reason reason) {
    LocalDate day = crop.day(count);
    return new Window.Edge(day, reason.with("day", day));
  }

  private static Window.Edge latest(List<Window.Edge> edges) {
    return edges.stream().max(java.util.Comparator.comparing(Window.Edge::day)).orElseThrow();
  }

  private static Window.Edge soonest(List<Window.Edge> edges) {
    return edges.stream().min(java.util.Comparator.comparing(Window.Edge::day)).orElseThrow();
  }
}
