package nimblefurrow.core.season;

import static nimblefurrow.core.units.CsvTable.number;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.cover.CurveTable;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Curve;
import org.apache.commons.csv.CSVRecord;

/** The model's tables other than species, read from the data files that ship with it. */
public final class ModelParameters {
  /**
   * Water held by a soil, m³/m³, and the water that evaporates readily, mm.
   *
   * @param fieldCapacity held against gravity
   * @param wiltingPoint out of reach of roots
   * @param saturation all pores full
   * @param readilyEvaporableMm evaporated at full rate
   */
  record SoilWater(
      double fieldCapacity, double wiltingPoint, double saturation, double readilyEvaporableMm) {}

  /**
   * What a placement does to seed.
   *
   * @param ceiling most of the live seed that could make plants
   * @param buried whether seed lies in the soil
   * @param stageSpreadPtu spread of stages from uneven depth, PTU
   */
  record SeedPlacement(double ceiling, boolean buried, double stageSpreadPtu) {}

  private final Map<Texture, SoilWater> soils = new EnumMap<>(Texture.class);
  private final Map<Drainage, Double> drainage = new EnumMap<>(Drainage.class);
  private final Map<Placement, SeedPlacement> placements = new EnumMap<>(Placement.class);
  private final Curve cerealHeight;
  private final Curve broadleafHeight;
  private final Curve soybeanLeafLoss;
  private final Curve grainLight;
  private final Curve grainCover;
  private final Curve grainRoots;
  private final CurveTable curves;

  private ModelParameters(CurveTable curves) {
    this.curves = curves;
    cerealHeight = curves.get("height", "cereal");
    broadleafHeight = curves.get("height", "broadleaf");
    soybeanLeafLoss = curves.get("soybeanLeafLoss", "soybean");
    grainLight = curves.get("grainLight", "smallGrain");
    grainCover = curves.get("grainCover", "smallGrain");
    grainRoots = curves.get("grainRoots", "smallGrain");
  }

  /** {@return the parameters that ship with the model} */
  public static ModelParameters shipped() {
    ModelParameters p = new ModelParameters(CurveTable.shipped());
    for (CSVRecord r : CsvTable.shipped("soils.csv")) {
      p.soils.put(
          enumOf(Texture.class, r.get("texture")),
          new SoilWater(
              number(r, "field_capacity"),
              number(r, "wilting_point"),
              number(r, "saturation"),
              number(r, "readily_evaporable_mm")));
    }
    for (CSVRecord r : CsvTable.shipped("drainage.csv")) {
      p.drainage.put(enumOf(Drainage.class, r.get("drainage")), number(r, "daily_share"));
    }
    for (CSVRecord r : CsvTable.shipped("placements.csv")) {
      p.placements.put(
          Placement.of(r.get("placement")),
          new SeedPlacement(
              number(r, "ceiling"),
              r.get("seed_place").equals("buried"),
              number(r, "stage_spread_ptu")));
    }
    return p;
  }

  SoilWater soil(Texture texture) {
    return required(soils.get(texture), texture);
  }

  /** Share of the water above field capacity that leaves a layer in a day; tile doubles it. */
  double drainageShare(Soil soil) {
    double share = required(drainage.get(soil.drainage()), soil.drainage());
    return soil.tiled() ? Math.min(0.9, 2 * share) : share;
  }

  SeedPlacement placement(Placement placement) {
    return required(placements.get(placement), placement);
  }

  Curve height(boolean cereal) {
    return cereal ? cerealHeight : broadleafHeight;
  }

  Curve soybeanLeafLoss() {
    return soybeanLeafLoss;
  }

  Curve grainLight() {
    return grainLight;
  }

  Curve grainCover() {
    return grainCover;
  }

  Curve grainRoots() {
    return grainRoots;
  }

  /** Share of a kind of plant a herbicide kills when warm, by stage fraction. */
  Curve sprayKill(String kind) {
    return curves.get("sprayKill", kind);
  }

  /** The same by height in cm, for kinds that are judged so. */
  Curve sprayKillByHeight(String kind) {
    return curves.get("sprayKillByHeight", kind);
  }

  /** Days from a systemic herbicide until a kind of plant is brown. */
  double sprayBrownDays(String kind) {
    return curves.get("sprayBrownDays", kind).at(0);
  }

  private static <T> T required(@org.jspecify.annotations.Nullable T value, Object key) {
    if (value == null) {
      throw new IllegalStateException("the data files lack " + key);
    }
    return value;
  }

  private static <E extends Enum<E>> E enumOf(Class<E> type, String camelCase) {
    String upper = camelCase.replaceAll("([A-Z])", "_$1").toUpperCase(Locale.ROOT);
    return Enum.valueOf(type, upper);
  }
}
