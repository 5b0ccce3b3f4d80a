package nimblefurrow.server.season;

import java.time.LocalDate;
import java.time.Month;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.outlook.NextStep;
import nimblefurrow.core.work.SeedingQueues;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The season of a farm and of a field. Callers have checked who asks. */
@Service
public class SeasonService {
  static final int POINTS = 57;

  private final FarmService farms;
  private final FieldService fields;
  private final WeatherService weathers;
  private final FieldCases cases;
  private final Furrows furrows;
  private final FieldPages pages;
  private final ShedService shed;

  SeasonService(
      FarmService farms,
      FieldService fields,
      WeatherService weathers,
      FieldCases cases,
      Furrows furrows,
      FieldPages pages,
      ShedService shed) {
    this.farms = farms;
    this.fields = fields;
    this.weathers = weathers;
    this.cases = cases;
    this.furrows = furrows;
    this.pages = pages;
    this.shed = shed;
  }

  /** All fields of a farm as furrows. */
  public SeasonView season(UUID farmId) {
    FarmView farm = farms.see(farmId);
    FarmWeather weather = weathers.find(farm).orElse(null);
    List<Furrows.Placed> placed = placed(farm, weather);
    List<SeasonView.Furrow> all = furrows(farm, weather, placed);
    Map<String, SeasonView.CropShape> shapes = new LinkedHashMap<>();
    for (int i = 0; i < all.size(); i++) {
      SeasonView.CropShape shape = furrows.shape(placed.get(i), weather);
      if (shape != null && all.get(i).shape() != null) {
        shapes.putIfAbsent(all.get(i).shape(), shape);
      }
    }
    return new SeasonView(
        farm,
        weather == null ? 0 : weather.ensemble().years(),
        start(farm),
        POINTS,
        weather == null ? null : SeasonViews.strip(farm, weather),
        shapes,
        all);
  }

  /** The furrows of a farm without asking who wants them: for work that was let in already. */
  public List<SeasonView.Furrow> furrows(UUID farmId) {
    FarmView farm = farms.get(farmId);
    FarmWeather weather = weathers.find(farm).orElse(null);
    return furrows(farm, weather, placed(farm, weather));
  }

  /** One field's season in full, as planned. */
  public FieldSeasonView field(UUID farmId, UUID fieldId) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    return pages.page(farm, c, c.plan(), comeBy(farm, c, c.plan()), List.of());
  }

  /**
   * When a field's seeding machine must come, were the field planned so and the others as they are.
   */
  NextStep.@Nullable ComeBy comeBy(FarmView farm, FieldCase c, @Nullable PlanView plan) {
    FarmWeather weather = weathers.find(farm).orElse(null);
    // Most fields wait for nothing: the others need not be asked.
    if (furrows.place(c, farm, weather, plan).waiting(farm) == null) {
      return null;
    }
    List<Furrows.Placed> all =
        placed(farm, weather).stream()
            .map(
                p ->
                    p.field().field().id().equals(c.field().id())
                        ? furrows.place(c, farm, weather, plan)
                        : p)
            .toList();
    return comeBy(farm, all).get(c.field().id());
  }

  private Map<UUID, NextStep.ComeBy> comeBy(FarmView farm, List<Furrows.Placed> placed) {
    List<SeedingQueues.Waiting> waiting =
        placed.stream().map(p -> p.waiting(farm)).filter(Objects::nonNull).toList();
    return waiting.isEmpty()
        ? Map.of()
        : SeedingQueues.comeBy(
            shed.machines(farm.id()).stream().map(MachineView::machine).toList(), waiting);
  }

  private List<SeasonView.Furrow> furrows(
      FarmView farm, @Nullable FarmWeather weather, List<Furrows.Placed> placed) {
    Map<UUID, NextStep.ComeBy> comeBy = comeBy(farm, placed);
    return placed.parallelStream()
        .map(p -> furrows.furrow(farm, p, p.plan(), weather, comeBy.get(p.field().field().id())))
        .toList();
  }

  private List<Furrows.Placed> placed(FarmView farm, @Nullable FarmWeather weather) {
    List<FieldView> all = fields.list(farm.id());
    FieldCases.Known known = cases.known(farm, all);
    return all.parallelStream()
        .map(f -> cases.of(farm, f, known))
        .map(c -> furrows.place(c, farm, weather, c.plan()))
        .toList();
  }

  static LocalDate start(FarmView farm) {
    return LocalDate.of(farm.seasonYear(), Month.JULY, 1);
  }
}
