package nimblefurrow.server.season;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.OddsMoved;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.server.support.Memory;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherStamp;
import org.springframework.stereotype.Component;

/** What the core computes, kept by its inputs. Nothing here is stored. */
@Component
class Outlooks {
  private static final long WINDOW_BYTES = 2000;
  private static final long SHAPE_BYTES = 4000;
  private static final long MOVED_BYTES = 1200;

  private final SeasonModel model;
  private final Forecaster forecaster;
  private final Memory memory;

  Outlooks(SeasonModel model, Forecaster forecaster, Memory memory) {
    this.memory = memory;
    this.model = model;
    this.forecaster = forecaster;
  }

  private record CropKey(WeatherStamp stamp, CashCrop crop) implements WeatherStamp.Stamped {}

  private record OutlookKey(WeatherStamp stamp, CashCrop crop, CoverPlan plan)
      implements WeatherStamp.Stamped {}

  private record MovedKey(WeatherStamp stamp, CashCrop crop, CoverPlan plan, Purpose purpose)
      implements WeatherStamp.Stamped {}

  private record ShapeKey(WeatherStamp stamp, CashCrop crop) implements WeatherStamp.Stamped {}

  private record WindowKey(
      WeatherStamp stamp, CashCrop crop, Set<Species> cover, SeedingMethod method, Soil soil)
      implements WeatherStamp.Stamped {}

  CropSeasons crop(CashCrop crop, FarmWeather weather) {
    return memory.get(
        new CropKey(weather.stamp(), crop), CropSeasons::bytes, k -> grow(crop, weather));
  }

  /** Behind a cover of the season before lies what grew under that season's skies. */
  private CropSeasons grow(CashCrop crop, FarmWeather weather) {
    if (!(crop instanceof CashCrop.AfterCover after)) {
      return CropSeasons.grow(model, crop, weather.ensemble());
    }
    boolean earlier = after.before().year() < weather.ensemble().seasonYear();
    CropSeasons under = crop(after.before().crop(), earlier ? weather.before().get() : weather);
    return CropSeasons.follow(model, after, under, weather.ensemble());
  }

  Outlook outlook(CoverPlan plan, CropSeasons crop, FarmWeather weather) {
    return memory.get(
        new OutlookKey(weather.stamp(), crop.crop(), plan),
        Outlook::bytes,
        k -> forecaster.outlook(plan, crop));
  }

  /**
   * How the odds of a plan moved since the day before. Only the difference is kept: what was known
   * then is asked once a day.
   *
   * @param then the crop by what was known the day before
   */
  Optional<OddsMoved> moved(
      CoverPlan plan, CropSeasons then, CropSeasons crop, FarmWeather weather, Purpose purpose) {
    Outlook is = outlook(plan, crop, weather);
    return memory.get(
        new MovedKey(weather.stamp(), crop.crop(), plan, purpose),
        m -> MOVED_BYTES,
        k -> OddsMoved.of(plan, forecaster.outlook(plan, then), is, purpose));
  }

  Window window(
      FarmWeather weather, CropSeasons crop, List<Species> cover, SeedingMethod method, Soil soil) {
    return memory.get(
        new WindowKey(weather.stamp(), crop.crop(), Set.copyOf(cover), method, soil),
        w -> WINDOW_BYTES,
        k -> new WindowFinder(weather.climate(), crop).find(cover, method, soil));
  }

  SeasonView.CropShape shape(
      FarmWeather weather, CropSeasons crop, Function<CropSeasons, SeasonView.CropShape> draw) {
    return memory.get(
        new ShapeKey(weather.stamp(), crop.crop()), s -> SHAPE_BYTES, k -> draw.apply(crop));
  }

  Forecaster forecaster() {
    return forecaster;
  }
}
