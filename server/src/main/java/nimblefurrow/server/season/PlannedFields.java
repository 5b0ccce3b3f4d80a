package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Fields with their plans as the core takes them, for what else is asked of them. */
@Service
public class PlannedFields {
  private final FarmService farms;
  private final FieldService fields;
  private final PlanService plans;
  private final WeatherService weathers;
  private final FieldCases cases;
  private final Outlooks outlooks;

  PlannedFields(
      FarmService farms,
      FieldService fields,
      PlanService plans,
      WeatherService weathers,
      FieldCases cases,
      Outlooks outlooks) {
    this.farms = farms;
    this.fields = fields;
    this.plans = plans;
    this.weathers = weathers;
    this.cases = cases;
    this.outlooks = outlooks;
  }

  /**
   * A field and its plan.
   *
   * @param plan as stored; null when the field has none
   * @param cover as the core takes it; null likewise
   * @param purpose the first reason; null likewise
   * @param seededOn the day it was seeded, when it was
   * @param endedOn the day its cover was ended, when it was
   * @param plantedOn the day the next crop was planted, when it was
   */
  public record PlannedField(
      FarmView farm,
      FieldView field,
      FarmWeather weather,
      CropSeasons crop,
      NextCrop next,
      @Nullable PlanView plan,
      @Nullable CoverPlan cover,
      @Nullable Purpose purpose,
      @Nullable LocalDate seededOn,
      @Nullable LocalDate endedOn,
      @Nullable LocalDate plantedOn) {}

  /** One field. */
  public PlannedField one(UUID farmId, UUID fieldId) {
    FarmView farm = farms.get(farmId);
    FieldView field = fields.get(farmId, fieldId);
    PlanView plan = plans.ofPieces(farm.seasonYear(), List.of(field.piece())).get(field.piece());
    return planned(farm, weathers.of(farm), cases.of(farm, fieldId), plan);
  }

  /** All fields that are not left out, in their order. */
  public List<PlannedField> all(UUID farmId) {
    return all(farms.get(farmId));
  }

  /** All fields of a farm as they are known on the day it is given with. */
  public List<PlannedField> all(FarmView farm) {
    return all(farm, weathers.of(farm));
  }

  /** The same with the forecast in the weather to come, for work that is to be laid out. */
  public List<PlannedField> foretold(FarmView farm) {
    return all(farm, weathers.foretold(farm));
  }

  private List<PlannedField> all(FarmView farm, FarmWeather weather) {
    UUID farmId = farm.id();
    List<FieldView> in =
        fields.list(farmId).stream().filter(f -> f.leftOutReason() == null).toList();
    Map<UUID, PlanView> planned =
        plans.ofPieces(farm.seasonYear(), in.stream().map(FieldView::piece).toList());
    FieldCases.Known known = cases.known(farm);
    return in.stream()
        .map(f -> planned(farm, weather, cases.of(farm, f, known), planned.get(f.piece())))
        .toList();
  }

  /** What runs plans. */
  public Forecaster forecaster() {
    return outlooks.forecaster();
  }

  private PlannedField planned(
      FarmView farm, FarmWeather weather, FieldCase c, @Nullable PlanView plan) {
    return new PlannedField(
        farm,
        c.field(),
        weather,
        outlooks.crop(c.crop(), weather),
        c.next(),
        plan,
        plan == null ? null : c.cover(plan.plan()),
        plan == null ? null : FieldCase.purpose(plan.plan()),
        c.seeded(),
        c.ended(),
        c.log().done().get("planted"));
  }
}
