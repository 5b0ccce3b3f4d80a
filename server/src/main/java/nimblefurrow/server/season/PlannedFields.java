package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.count.KillSeen;
import nimblefurrow.core.count.WeedsSeen;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.ShadedWeeks;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.units.Spread;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import nimblefurrow.server.worklog.SeasonLog;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Fields with their plans as the core takes them, for what else is asked of them. */
@Service
public class PlannedFields {
  private final FarmService farms;
  private final FieldService fields;
  private final WeatherService weathers;
  private final FieldCases cases;
  private final Standings standings;
  private final Outlooks outlooks;

  PlannedFields(
      FarmService farms,
      FieldService fields,
      WeatherService weathers,
      FieldCases cases,
      Standings standings,
      Outlooks outlooks) {
    this.standings = standings;
    this.farms = farms;
    this.fields = fields;
    this.weathers = weathers;
    this.cases = cases;
    this.outlooks = outlooks;
  }

  /**
   * A field and its plan.
   *
   * @param plan as stored; null when the field has none
   * @param cover as it counts today; null likewise, and when it was not seeded while it could be
   * @param purpose the first reason; null likewise
   * @param standing how it stands today
   * @param followed whether another cover follows with no crop between
   * @param later whether it stands behind another cover of the same season
   * @param ending the way it was ended where that is written down, else as it is meant to be; null
   *     without a plan
   * @param log what is written down of it
   * @param wish the next crop on the day it is wished, whatever the ending has made of that
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
      FieldStanding standing,
      boolean followed,
      boolean later,
      @Nullable EndingMethod ending,
      SeasonLog log,
      NextCrop wish) {
    /** The last count of what its ending killed, where nothing was done about it since. */
    public @Nullable KillSeen killed() {
      return log.killed();
    }

    /** The last rating of weeds in the next crop, likewise. */
    public @Nullable WeedsSeen weeds() {
      return log.weeds();
    }

    /** Whether another crop is to be planted behind it. */
    public boolean cropFollows() {
      return !followed && CropKind.of(field.nextCrop().kind()) != CropKind.NONE;
    }

    /** The cover's id where it stands behind another of its season; null for the first. */
    public @Nullable UUID link() {
      return later && plan != null ? plan.id() : null;
    }

    /** The day it was seeded, when that is written down. */
    public @Nullable LocalDate seededOn() {
      return logged(standing.seeding());
    }

    /** The day its cover was ended, when that is written down. */
    public @Nullable LocalDate endedOn() {
      return logged(standing.ending());
    }

    /** The day the next crop was planted, or is likely to have been; null while it is not. */
    public @Nullable LocalDate plantedOn() {
      return standing.planting().done() ? standing.planting().day() : null;
    }

    private static @Nullable LocalDate logged(DeedStanding deed) {
      return deed.state() == DeedStanding.State.LOGGED ? deed.day() : null;
    }
  }

  /** One field. */
  public PlannedField one(UUID farmId, UUID fieldId) {
    FarmView farm = farms.get(farmId);
    return planned(farm, weathers.of(farm), cases.of(farm, fieldId));
  }

  /**
   * A field once for each of its covers of a season, in their order; once without a plan when it
   * has none; nothing without weather.
   */
  public List<PlannedField> links(FarmView farm, UUID fieldId) {
    FieldView field = fields.in(farm.id(), fieldId, farm.seasonYear());
    FarmWeather weather = weathers.find(farm).orElse(null);
    if (weather == null) {
      return List.of();
    }
    FieldCases.Known known = cases.known(farm, List.of(field));
    return cases.links(farm, field, known).stream().map(c -> planned(farm, weather, c)).toList();
  }

  /**
   * The most cover there is up to the day it ends in the middle year, Mg/ha; null where none grows.
   */
  public @Nullable Double grewMgPerHa(PlannedField field, LocalDate endedOn) {
    CoverPlan cover = field.cover();
    if (cover == null) {
      return null;
    }
    return outlooks.outlook(cover, field.crop(), field.weather()).mostUntil(endedOn);
  }

  /** What a purpose makes of the cover in every year; null where none grows. */
  public @Nullable Spread worth(PlannedField field, Purpose purpose) {
    CoverPlan cover = field.cover();
    return cover == null
        ? null
        : outlooks.outlook(cover, field.crop(), field.weather()).worth(purpose);
  }

  /** Light at the ground of a field in a season, under all its covers; nothing without weather. */
  public Optional<ShadedWeeks> shade(FarmView farm, UUID fieldId) {
    List<PlannedField> all = links(farm, fieldId);
    return all.isEmpty()
        ? Optional.empty()
        : Optional.of(
            ShadedWeeks.of(
                outlooks.forecaster(),
                farm.seasonYear(),
                all.stream().map(f -> new ShadedWeeks.Grown(f.cover(), f.crop())).toList()));
  }

  /** The day seed of the cover is viable in the middle year; null where it never is, or unknown. */
  public @Nullable LocalDate seedRipe(PlannedField field) {
    CoverPlan cover = field.cover();
    if (cover == null) {
      return null;
    }
    return outlooks
        .outlook(cover, field.crop(), field.weather())
        .seedRipe(cover.cover().stream().map(CoverComponent::species).toList())
        .stream()
        .mapToObj(field.crop()::day)
        .findFirst()
        .orElse(null);
  }

  /** The cover of a field that is asked about, as it is stored; null when it has none. */
  public @Nullable PlanView plan(UUID farmId, UUID fieldId) {
    return cases.of(farms.get(farmId), fieldId).plan();
  }

  /**
   * A cover that is still to be seeded.
   *
   * @param share of the field that is left to seed
   */
  public record ToSeed(FieldView field, PlanView plan, double share) {}

  /** All covers of the season that are still to be seeded, each link of a chain by itself. */
  public List<ToSeed> toSeed(UUID farmId) {
    FarmView farm = farms.get(farmId);
    FarmWeather weather = weathers.find(farm).orElse(null);
    List<FieldView> all = fields.list(farmId);
    FieldCases.Known known = cases.known(farm, all);
    List<ToSeed> open = new ArrayList<>();
    for (FieldView field : all) {
      for (FieldCase c : cases.links(farm, field, known)) {
        PlanView plan = c.plan();
        if (plan == null) {
          continue;
        }
        if (weather == null) {
          if (c.seeded() == null) {
            open.add(new ToSeed(field, plan, 1));
          }
          continue;
        }
        DeedStanding seeding = standings.of(farm, c, weather, plan.plan()).standing().seeding();
        if (seeding.open()) {
          open.add(new ToSeed(field, plan, 1 - seeding.share()));
        }
      }
    }
    return open;
  }

  /** All fields that are not left out, in their order. */
  public List<PlannedField> all(UUID farmId) {
    return all(farms.get(farmId));
  }

  /** All fields of a farm as they are known on the day it is given with. */
  public List<PlannedField> all(FarmView farm) {
    return all(farm, weathers.of(farm));
  }

  /**
   * All fields, also those left out of covers, once for each cover that is not over, with the
   * forecast in the weather to come: for work that is to be laid out.
   */
  public List<PlannedField> foretold(FarmView farm) {
    return each(farm, weathers.foretold(farm), cases::open);
  }

  /** Whether a farm knows the weather of its season. */
  public boolean hasWeather(FarmView farm) {
    return weathers.find(farm).isPresent();
  }

  /** All fields once for each cover of the season, over or not. */
  public List<PlannedField> everyLink(FarmView farm) {
    return each(farm, weathers.of(farm), cases::links);
  }

  private interface Covers {
    List<FieldCase> of(FarmView farm, FieldView field, FieldCases.Known known);
  }

  private List<PlannedField> each(FarmView farm, FarmWeather weather, Covers covers) {
    List<FieldView> all = fields.list(farm.id(), farm.seasonYear());
    FieldCases.Known known = cases.known(farm, all);
    return all.stream()
        .flatMap(f -> covers.of(farm, f, known).stream())
        .map(c -> planned(farm, weather, c))
        .toList();
  }

  /**
   * What is written down of each field's first cover of the season, by field, and of covers that
   * stand behind another, by cover.
   */
  public Map<UUID, SeasonLog> logs(FarmView farm) {
    List<FieldView> all = fields.list(farm.id());
    FieldCases.Known known = cases.known(farm, all);
    Map<UUID, SeasonLog> logs = new HashMap<>();
    for (FieldView f : all) {
      for (FieldCase c : cases.links(farm, f, known)) {
        PlanView plan = c.plan();
        logs.put(c.later() && plan != null ? plan.id() : f.id(), c.log());
      }
    }
    return logs;
  }

  /** All fields, also those left out of covers; none without weather. */
  public List<PlannedField> everything(FarmView farm) {
    return weathers.find(farm).map(w -> of(farm, w, fields.list(farm.id()))).orElse(List.of());
  }

  /** How all fields stand today; nothing without weather. */
  public Map<UUID, FieldStanding> standings(UUID farmId) {
    FarmView farm = farms.get(farmId);
    Map<UUID, FieldStanding> all = new HashMap<>();
    everything(farm).forEach(f -> all.put(f.field().id(), f.standing()));
    return all;
  }

  private List<PlannedField> all(FarmView farm, FarmWeather weather) {
    return of(
        farm,
        weather,
        fields.list(farm.id()).stream().filter(f -> f.leftOutReason() == null).toList());
  }

  private List<PlannedField> of(FarmView farm, FarmWeather weather, List<FieldView> in) {
    FieldCases.Known known = cases.known(farm, in);
    return in.stream().map(f -> planned(farm, weather, cases.of(farm, f, known))).toList();
  }

  /** What runs plans. */
  public Forecaster forecaster() {
    return outlooks.forecaster();
  }

  private PlannedField planned(FarmView farm, FarmWeather weather, FieldCase c) {
    PlanView plan = c.plan();
    Standings.Placing p = standings.of(farm, c, weather, plan == null ? null : plan.plan());
    return new PlannedField(
        farm,
        c.field(),
        weather,
        p.crop(),
        c.next(),
        plan,
        p.cover(),
        plan == null ? null : FieldCase.purpose(plan.plan()),
        p.standing(),
        c.followedOn() != null,
        c.later(),
        plan == null ? null : c.way(plan.plan()),
        c.log(),
        c.wish());
  }
}
