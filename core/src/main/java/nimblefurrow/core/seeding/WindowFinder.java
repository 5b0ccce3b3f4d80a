package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import nimblefurrow.core.cover.Hardiness;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.weather.Climate;
import org.jspecify.annotations.Nullable;

/**
 * Finds when a cover can be seeded round a cash crop: the later of what opens, the earlier of what
 * closes, each with its reason. Days are medians over the ways the season may go. What opens and
 * closes a way of seeding is the method's own; warmth before winter is added here, alike for all.
 */
public final class WindowFinder {
  /** 1 July, counted from the season's start: where nothing else says a day. */
  static final int SUMMER = 181;

  /** One year in five may be poorer. */
  private static final double POOR_YEAR = 0.2;

  private static final int WEEK = 7;

  private final Climate climate;
  private final CropSeasons crop;

  /** Many mixes share a species, and many ways lay it on the ground alike. */
  private final Map<Lying, LocalDate> lastDays = new ConcurrentHashMap<>();

  private record Lying(Species species, Placement placement, Soil soil, LocalDate first) {}

  public WindowFinder(Climate climate, CropSeasons crop) {
    this.climate = climate;
    this.crop = crop;
  }

  /**
   * {@return the window of a cover}
   *
   * @param cover its species, at least one; the most demanding sets the edges
   * @param method how it is seeded
   * @param soil the ground
   */
  public Window find(List<Species> cover, SeedingMethod method, Soil soil) {
    SeedingSite site = new SeedingSite(climate, crop, soil, cover);
    WindowEdges edges = new WindowEdges();
    method.edges(site, edges);
    Reason never = edges.never();
    if (never != null) {
      Window.Edge none = site.edge(SUMMER, never);
      return new Window(method, false, none, none, none, List.of());
    }
    Window.Edge best = method.hangsOnWarmth() ? warmth(site, method, edges) : null;
    Window.Edge opens = edges.opens();
    Window.Edge closes = edges.closes();
    if (best == null || best.day().isAfter(closes.day())) {
      best = closes;
    }
    boolean possible = !opens.day().isAfter(closes.day());
    return new Window(method, possible, opens, best, closes, method.cautions(site));
  }

  /** Adds each species' edges before winter; the first of their best days. */
  private Window.@Nullable Edge warmth(SeedingSite site, SeedingMethod method, WindowEdges edges) {
    Window.Edge best = null;
    for (Species species : site.cover()) {
      // What winter takes anyway cannot grow too far before it.
      if (species.winter().hardiness() != Hardiness.SUMMER) {
        edges.opens(earliest(site, species));
      }
      HeatEdges heat = heat(site, species, method);
      edges.closes(method.spreadAndLeft() ? comesUp(site, species, method, edges) : heat.last());
      if (best == null || heat.best().day().isBefore(best.day())) {
        best = heat.best();
      }
    }
    return best;
  }

  private Window.Edge earliest(SeedingSite site, Species species) {
    double day = climate.averageKillingFrost() - WEEK * species.dates().weeksEarliest();
    return site.edge(
        day,
        Reason.of(
                "{species} seeded before {day} grows too far before winter; hard frost is {frost}")
            .with("species", species.name())
            .with("frost", crop.day(climate.averageKillingFrost())));
  }

  /** What is spread and left closes where the model has too little of it come up by May. */
  private Window.Edge comesUp(
      SeedingSite site, Species species, SeedingMethod method, WindowEdges edges) {
    Placement placement = method.placement();
    LocalDate last =
        lastDays.computeIfAbsent(
            new Lying(species, placement, site.soil(), edges.opens().day()),
            s -> new SurfaceEmergence(crop, species, placement, s.soil()).lastDay(s.first()));
    return new Window.Edge(
        last,
        Reason.of("spread after {day}, under {share} of {species} is up by May")
            .with("day", last)
            .with("share", SurfaceEmergence.LEAST, Unit.SHARE)
            .with("species", species.name()));
  }

  private record HeatEdges(Window.Edge best, Window.Edge last) {}

  /** Last dates by warmth: the species' own date, and what that date's usual warmth asks for. */
  private HeatEdges heat(SeedingSite site, Species species, SeedingMethod method) {
    int last =
        (int)
            Math.round(
                climate.averageKillingFrost()
                    - WEEK * species.dates().weeksLatest()
                    - method.traits().earlierDays());
    double need = climate.heatFrom(last).median();
    int best = last;
    while (best > 0 && climate.heatFrom(best).quantile(POOR_YEAR) < need) {
      best--;
    }
    double left = need > 0 ? climate.heatFrom(last + WEEK).median() / need : 0;
    Reason lastReason =
        Reason.of("on {later} {share} of the warmth {species} needs is left")
            .with("later", crop.day(last + WEEK))
            .with("share", left, Unit.SHARE)
            .with("species", species.name());
    Reason bestReason =
        Reason.of("up to {day} four years in five bring all the warmth {species} needs")
            .with("species", species.name());
    return new HeatEdges(site.edge(best, bestReason), site.edge(last, lastReason));
  }
}
