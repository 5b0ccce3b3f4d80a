package nimblefurrow.server.season;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.outlook.NextStep;
import nimblefurrow.core.outlook.PlanDifference;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** A field's season with another plan than the one it has, and what that changes. */
@Service
class Proposals {
  /** A cover that is not stored yet. */
  private static final UUID UNSAVED = new UUID(0, 0);

  private final FarmService farms;
  private final WeatherService weathers;
  private final FieldCases cases;
  private final Standings standings;
  private final Outlooks outlooks;
  private final Furrows furrows;
  private final FieldPages pages;
  private final SeasonService seasons;

  Proposals(
      FarmService farms,
      WeatherService weathers,
      FieldCases cases,
      Standings standings,
      Outlooks outlooks,
      Furrows furrows,
      FieldPages pages,
      SeasonService seasons) {
    this.farms = farms;
    this.weathers = weathers;
    this.cases = cases;
    this.standings = standings;
    this.outlooks = outlooks;
    this.furrows = furrows;
    this.pages = pages;
    this.seasons = seasons;
  }

  /** A moved furrow and what the move changes. */
  record Moved(SeasonView.Furrow furrow, List<ReasonView> changes) {}

  /** One field's season as it would be with another plan. */
  FieldSeasonView preview(UUID farmId, UUID fieldId, PlanInput proposed) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    PlanView stored = c.plan();
    PlanView plan = proposed(c, stored, proposed);
    NextStep.ComeBy comeBy = seasons.comeBy(farm, c, plan);
    return pages.page(farm, c, plan, comeBy, changes(farm, c, stored, proposed));
  }

  /**
   * A furrow as it would be, without the rest: for a mark that is being dragged. The queue of its
   * machine is left out, for it would ask all fields again at every step of the hand.
   */
  Moved move(UUID farmId, UUID fieldId, PlanInput proposed) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    PlanView stored = c.plan();
    FarmWeather weather = weathers.of(farm);
    PlanView plan = proposed(c, stored, proposed);
    Furrows.Placed placed = furrows.place(c, farm, weather, plan);
    return new Moved(
        furrows.furrow(farm, placed, plan, weather, null), changes(farm, c, stored, proposed));
  }

  private static PlanView proposed(FieldCase c, @Nullable PlanView stored, PlanInput proposed) {
    return stored == null
        ? new PlanView(UNSAVED, c.field().piece(), c.seasonYear(), 0, null, proposed)
        : new PlanView(
            stored.id(),
            stored.pieceId(),
            stored.seasonYear(),
            stored.version(),
            stored.rotation(),
            proposed);
  }

  /**
   * What is in the ground is not planned away: its seed and its day stay, its ending may change.
   *
   * @throws Refused when a plan would put another cover, way or none in the place of one seeded
   */
  void refuseToReplaceWhatWasSeeded(
      FarmView farm, FieldView field, @Nullable UUID planId, @Nullable PlanInput next) {
    FieldCase c = cases.stored(farm, field, planId);
    PlanView stored = c.plan();
    if (c.seeded() == null || stored == null) {
      return;
    }
    PlanInput now = stored.plan();
    if (next == null
        || !next.method().equals(now.method())
        || !species(next).equals(species(now))) {
      throw new Refused(
          "plans",
          "%s was seeded on %s with %s. Take that out of the log first if it is not so;"
                  .formatted(field.name(), c.seeded(), c.words(now))
              + " else log its ending: another cover is planned behind it.");
    }
  }

  private static List<String> species(PlanInput plan) {
    return plan.components().stream().map(PlanInput.Component::species).sorted().toList();
  }

  private List<ReasonView> changes(
      FarmView farm, FieldCase c, @Nullable PlanView stored, PlanInput proposed) {
    if (stored == null) {
      return List.of();
    }
    FarmWeather weather = weathers.of(farm);
    Standings.Placing was = standings.of(farm, c, weather, stored.plan());
    Standings.Placing then = standings.of(farm, c, weather, proposed);
    CropSeasons crop = then.crop();
    CoverPlan before = was.cover();
    CoverPlan after = then.cover();
    if (before == null || after == null) {
      return List.of();
    }
    return PlanDifference.between(
            before,
            outlooks.outlook(before, crop, weather),
            after,
            outlooks.outlook(after, crop, weather),
            FieldCase.purpose(proposed))
        .stream()
        .map(ReasonView::of)
        .toList();
  }
}
