package nimblefurrow.server.season;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.weather.SeasonSkies;
import nimblefurrow.server.weather.FarmWeather;
import org.springframework.stereotype.Component;

/** What the core computes, kept by its inputs. Nothing here is stored. */
@Component
class Outlooks {
  private final SeasonModel model;
  private final Forecaster forecaster;
  private final Cache<CropKey, CropSeasons> crops = Caffeine.newBuilder().maximumSize(400).build();
  private final Cache<OutlookKey, Outlook> outlooks =
      Caffeine.newBuilder().maximumSize(6000).build();
  private final Cache<CropSeasons, SeasonView.CropShape> shapes =
      Caffeine.newBuilder().maximumSize(400).build();
  private final Cache<WindowKey, Window> windows =
      Caffeine.newBuilder().maximumSize(20_000).build();

  Outlooks(SeasonModel model, Forecaster forecaster) {
    this.model = model;
    this.forecaster = forecaster;
  }

  // Skies and crop seasons have no equality of their own: a cached one stands for its inputs.
  private record CropKey(SeasonSkies skies, CashCrop crop) {}

  private record OutlookKey(CropSeasons crop, CoverPlan plan) {}

  private record WindowKey(CropSeasons crop, Set<Species> cover, SeedingMethod method, Soil soil) {}

  CropSeasons crop(CashCrop crop, FarmWeather weather) {
    return crops.get(
        new CropKey(weather.skies(), crop), k -> CropSeasons.grow(model, crop, weather.skies()));
  }

  Outlook outlook(CoverPlan plan, CropSeasons crop) {
    return outlooks.get(new OutlookKey(crop, plan), k -> forecaster.outlook(plan, crop));
  }

  Window window(
      FarmWeather weather, CropSeasons crop, List<Species> cover, SeedingMethod method, Soil soil) {
    WindowKey key = new WindowKey(crop, Set.copyOf(cover), method, soil);
    return windows.get(
        key, k -> new WindowFinder(weather.climate(), crop).find(cover, method, soil));
  }

  SeasonView.CropShape shape(CropSeasons crop, Function<CropSeasons, SeasonView.CropShape> draw) {
    return shapes.get(crop, draw);
  }

  Forecaster forecaster() {
    return forecaster;
  }
}
