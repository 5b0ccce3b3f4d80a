package nimblefurrow.phone;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.TriedDays;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.NitrogenLevel;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.standing.KeptDay;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.WeatherEnsemble;
import org.jspecify.annotations.Nullable;

/** The season of a field on a phone: other days of its cover, over all ways the season may go. */
final class Seasons {
  private static final int MOST_CROPS = 8;

  private final SeasonModel model = SeasonModel.shipped();
  private final SpeciesTable species = SpeciesTable.shipped();
  private final Forecaster forecaster = new Forecaster(model);
  private final String stamp;
  private final WeatherEnsemble ensemble;

  /** Grown once for all fields of one crop. */
  private final Map<CashCrop, CropSeasons> crops = new LinkedHashMap<>();

  private Seasons(String stamp, WeatherEnsemble ensemble) {
    this.stamp = stamp;
    this.ensemble = ensemble;
  }

  /**
   * {@return the seasons under a farm's sky}
   *
   * @param sky as the server's {@code pocket} of the farm has it
   */
  static Seasons under(Question sky) {
    Question past = sky.part("past");
    return new Seasons(
        sky.text("stamp"),
        WeatherEnsemble.join(
            (int) sky.number("seasonYear"),
            sky.day("today"),
            days(past),
            sky.has("seen") ? days(sky.part("seen")) : null,
            new Place(sky.number("latitudeDeg"), sky.number("elevationM"), sky.is("coastal"))));
  }

  int years() {
    return ensemble.years();
  }

  private static DailyWeather days(Question q) {
    return DailyWeather.of(
        q.day("start"),
        q.column("tminC"),
        q.column("tmaxC"),
        q.column("precipMm"),
        q.column("windMs"),
        q.column("dewPointC"));
  }

  /**
   * {@return what changes when a field's cover is meant for other days}
   *
   * @param field as the server's {@code pocket} of the field has it
   * @param seedOn the day tried for seeding
   * @param endOn the day tried for its ending
   * @throws Refused when the field's case is of another weather, or has none
   */
  Answer tried(Question field, LocalDate seedOn, LocalDate endOn) {
    if (!field.text("stamp").equals(stamp) || !field.has("season")) {
      throw new Refused("", "What this phone holds of the field is of another day.");
    }
    Question q = field.part("season");
    CashCrop crop = crop(q.part("crop"));
    CropSeasons grown = crops.get(crop);
    if (grown == null) {
      if (crops.size() >= MOST_CROPS) {
        crops.clear();
      }
      grown = CropSeasons.grow(model, crop, ensemble);
      crops.put(crop, grown);
    }
    return new Answer().reasons("changes", tried(q).changes(forecaster, grown, seedOn, endOn));
  }

  private TriedDays tried(Question q) {
    Map<Deed, KeptDay> kept = new EnumMap<>(Deed.class);
    q.parts("kept")
        .forEach(k -> kept.put(deed(k), new KeptDay(k.day("day"), k.maybeDay("meantOn"))));
    Map<Deed, LocalDate> logged = new EnumMap<>(Deed.class);
    q.parts("logged").forEach(d -> logged.put(deed(d), d.day("on")));
    Map<Deed, FieldStanding.Said> said = new EnumMap<>(Deed.class);
    q.parts("said")
        .forEach(d -> said.put(deed(d), new FieldStanding.Said(d.day("on"), d.number("share"))));
    return new TriedDays(
        new FieldStanding.Known(
            ensemble.today(),
            q.maybeDay("harvestLikely"),
            null,
            q.maybeDay("meantPlanting"),
            logged,
            Map.of(),
            said,
            q.number("seededShare")),
        kept,
        cover(q),
        EndingMethod.of(q.text("ending")),
        q.maybeDay("closes"),
        Purpose.of(q.text("purpose")));
  }

  private static Deed deed(Question q) {
    String key = q.text("deed");
    for (Deed deed : Deed.values()) {
      if (deed.key().equals(key)) {
        return deed;
      }
    }
    throw new Refused("deed", "There is no deed “" + key + "”.");
  }

  private CoverPlan cover(Question q) {
    return new CoverPlan(
        new Soil(
            Texture.valueOf(constant(q.text("texture"))),
            Drainage.valueOf(constant(q.text("drainage"))),
            q.is("tiled")),
        new FieldStart(
            NitrogenLevel.valueOf(constant(q.text("nitrogen"))),
            q.number("availableWater"),
            q.number("residueMgPerHa"),
            q.number("growth"),
            q.number("comesUp")),
        q.parts("cover").stream().map(this::component).collect(Collectors.toList()),
        SeedingMethod.of(q.text("method")),
        q.day("seedOn"),
        q.day("endOn"),
        q.day("plantOn"),
        sightings(q.parts("seen")),
        List.of());
  }

  private CoverComponent component(Question q) {
    return new CoverComponent(
        species.get(q.text("species")),
        q.number("rateKgPerHa"),
        q.number("germination"),
        q.number("purity"),
        q.maybe("depthMm"));
  }

  private static List<Sighting> sightings(List<Question> seen) {
    List<Sighting> all = new ArrayList<>();
    for (Question s : seen) {
      LocalDate on = s.day("on");
      int component = (int) s.number("component");
      double value = s.number("value");
      all.add(
          switch (s.text("what")) {
            case "plants" -> new Sighting.Plants(on, component, value);
            case "stage" -> new Sighting.Stage(on, component, value);
            case "cover" -> new Sighting.Cover(on, value);
            default -> new Sighting.Height(on, value);
          });
    }
    return all;
  }

  private static CashCrop crop(Question q) {
    @Nullable LocalDate harvested = q.maybeDay("harvested");
    return switch (q.text("kind")) {
      case "corn" ->
          new CashCrop.Corn(
              q.day("planted"),
              q.number("maturity"),
              harvested,
              q.is("silage"),
              q.number("moisturePercent"));
      case "soybean" ->
          new CashCrop.Soybean(
              q.day("planted"), q.number("maturity"), q.number("rowSpacingM"), harvested);
      case "smallGrain" -> new CashCrop.SmallGrain(Objects.requireNonNull(harvested));
      default -> new CashCrop.None();
    };
  }

  /** A constant by its name on the wire: {@code siltLoam} is {@code SILT_LOAM}. */
  private static String constant(String key) {
    StringBuilder name = new StringBuilder();
    for (char c : key.toCharArray()) {
      if (Character.isUpperCase(c)) {
        name.append('_');
      }
      name.append(Character.toUpperCase(c));
    }
    return name.toString();
  }
}
