package nimblefurrow.server.season;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.outlook.TriedDays;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a phone takes along, so that the season model answers there without a signal. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class PocketController {
  private static final SpeciesTable SHIPPED = SpeciesTable.shipped();

  private final FarmService farms;
  private final WeatherService weathers;
  private final FieldCases cases;
  private final Standings standings;

  PocketController(
      FarmService farms, WeatherService weathers, FieldCases cases, Standings standings) {
    this.farms = farms;
    this.weathers = weathers;
    this.cases = cases;
    this.standings = standings;
  }

  @GetMapping("/pocket")
  Pocket.PocketSky sky(@PathVariable UUID farmId) {
    return Pocket.PocketSky.of(weathers.of(farms.see(farmId)));
  }

  @GetMapping("/fields/{fieldId}/pocket")
  Pocket.PocketField field(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    FarmView farm = farms.see(farmId);
    FarmWeather weather = weathers.of(farm);
    FieldCase c = cases.of(farm, fieldId);
    PlanView stored = c.plan();
    if (stored == null || c.field().leftOutReason() != null) {
      return Pocket.PocketField.not(weather, "No cover is planned here.");
    }
    PlanInput plan = stored.plan();
    if (c.ended() != null) {
      return Pocket.PocketField.not(
          weather, "A cover that is ended is reckoned with a signal alone.");
    }
    if (!plan.components().stream().allMatch(o -> SHIPPED.find(o.species()).isPresent())) {
      return Pocket.PocketField.not(
          weather, "A species of the farm's own is reckoned with a signal alone.");
    }
    Standings.Placing placing = standings.of(farm, c, weather, plan);
    Pocket.PocketCrop crop = Pocket.PocketCrop.of(placing.crop().crop());
    Window window = placing.window();
    if (crop == null || window == null) {
      return Pocket.PocketField.not(
          weather, "A cover behind another one is reckoned with a signal alone.");
    }
    EndingMethod ending = c.way(plan);
    CoverPlan cover =
        c.asPlanned(plan)
            .seededOn(plan.seedOn())
            .ended(plan.endOn(), c.next().plantOn(), List.of());
    FieldStanding.Known known = standings.known(farm, c, weather);
    TriedDays tried =
        new TriedDays(
            known,
            c.kept(),
            cover,
            ending,
            window.possible() ? window.closes().day() : null,
            FieldCase.purpose(plan));
    return Pocket.PocketField.of(weather, Pocket.PocketSeason.of(tried, crop));
  }
}
