package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.weather.FarmWeather;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How fields stand today, for every screen and reckoning alike. */
@Component
class Standings {
  private final Outlooks outlooks;

  Standings(Outlooks outlooks) {
    this.outlooks = outlooks;
  }

  /**
   * A field as it counts today.
   *
   * @param crop with the harvest as it counts
   * @param window of the plan's own way of seeding; null without a plan
   * @param cover as it counts; null when none is planned, or none was seeded while it could be
   * @param rest the cover on what a seeding of a part has left; null when nothing is left
   */
  record Placing(
      CropSeasons crop,
      @Nullable Window window,
      FieldStanding standing,
      @Nullable CoverPlan cover,
      @Nullable CoverPlan rest) {}

  Placing of(FarmView farm, FieldCase c, FarmWeather weather, @Nullable PlanInput plan) {
    CashCrop cash = c.crop();
    CropSeasons crop = outlooks.crop(cash, weather);
    FieldStanding bare = FieldStanding.of(c.known(farm.today(), likely(crop), null));
    CropSeasons counted = counted(farm, c, weather, crop, bare.harvest());
    if (plan == null) {
      return new Placing(counted, null, bare, null, null);
    }
    Window window =
        outlooks.window(
            weather, counted, c.species(plan), SeedingMethod.of(plan.method()), c.soil());
    FieldStanding.Cover cover =
        new FieldStanding.Cover(
            window.method(), plan.seedOn(), window, EndingMethod.of(plan.ending()), plan.endOn());
    FieldStanding standing = FieldStanding.of(c.known(farm.today(), likely(crop), cover));
    return new Placing(
        counted,
        window,
        standing,
        standing.hasCover() ? c.cover(plan, standing, farm.today()) : null,
        c.rest(plan, standing, farm.today()));
  }

  /** What is known of a field on its own, before any plan for it. */
  FieldStanding.Known known(FarmView farm, FieldCase c, FarmWeather weather) {
    return c.known(farm.today(), likely(outlooks.crop(c.crop(), weather)), null);
  }

  private static @Nullable LocalDate likely(CropSeasons crop) {
    return crop.crop() instanceof CashCrop.None ? null : crop.day(crop.harvest().median());
  }

  /** Where what is known outranks the model's own day of harvest, the crop is cut on that day. */
  private CropSeasons counted(
      FarmView farm, FieldCase c, FarmWeather weather, CropSeasons crop, DeedStanding harvest) {
    LocalDate likely = likely(crop);
    boolean other =
        likely != null
            && harvest.state() != DeedStanding.State.LOGGED
            && !harvest.day().equals(likely)
            && (harvest.done() || likely.isBefore(farm.today()));
    return other ? outlooks.crop(c.cropCutOn(harvest.day()), weather) : crop;
  }

  /** The windows of all ways of seeding a cover. */
  List<Window> windows(FieldCase c, FarmWeather weather, CropSeasons crop, @Nullable PlanInput p) {
    var cover = p == null ? List.of(c.table().get("cereal_rye")) : c.species(p);
    return SeedingMethods.all().stream()
        .map(m -> outlooks.window(weather, crop, cover, m, c.soil()))
        .toList();
  }
}
