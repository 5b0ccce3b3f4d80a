package nimblefurrow.core.record;

import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;

/** A figure that entries of the record carry, in the unit it is stored in. */
public enum EntryFigure implements Keyed {
  /** Plants that stand. */
  PLANTS("plantsPerM2", "Plants", Unit.PER_M2, 0, 20_000),
  /** Height of the cover. */
  HEIGHT("heightCm", "Height", Unit.CM, 0, 500),
  /** Dry cover that stands, as clipped. */
  COVER("coverMgPerHa", "Dry cover", Unit.MG_PER_HA, 0, 40),
  /** Share of the cover's plants that are dead. */
  KILL("killShare", "Dead", Unit.SHARE, 0, 1),
  /** How weedy it looks, from none to nothing else. */
  WEEDS("weedsOf10", "Weeds, of 10", Unit.COUNT, 0, 10),
  /** Area that was done. */
  AREA("areaHa", "Area done", Unit.HA, 0.0001, 100_000),
  /** Seed that was to go out. */
  TARGET_RATE("targetKgPerHa", "Rate meant", Unit.KG_PER_HA, 0.0001, 1000),
  /** Seed that went out. */
  SEED("seedKg", "Seed out", Unit.KG, 0.001, 10_000_000),
  /** What the machine was set to. */
  SETTING("setting", "Setting", Unit.COUNT, 0, 1000),
  /** How deep seed lies; all of a mix alike. */
  DEPTH("depthMm", "Depth", Unit.MM, 0, 150),
  /** How fast it was done. */
  SPEED("speedKmh", "Speed", Unit.KMH, 0.5, 400),
  /** Mass of a roller for each length of its width. */
  ROLLER_MASS("rollerKgPerM", "Roller mass", Unit.KG_PER_M, 50, 3000),
  /** Direction of the passes, from north over east. */
  BEARING("bearingDeg", "Direction, degrees", Unit.COUNT, 0, 359.999),
  /** What came off, as it was sold or stored. */
  YIELD("yieldMgPerHa", "Yield", Unit.MG_PER_HA, 0, 120),
  /** Water in the grain, of its mass. */
  MOISTURE("moistureShare", "Moisture", Unit.FINE_SHARE, 0, 0.6),
  /** Wind as it was felt in the field: it stands in the place of the station's. */
  WIND("windMPerS", "Wind", Unit.M_PER_S, 0, 40),
  /** Warmth of the air at the work, beside the day's extremes of the station. */
  AIR("airC", "Air", Unit.CELSIUS, -40, 55),
  /** What the work took, all counted but the road. */
  HOURS("hours", "Hours it took", Unit.HOURS, 0.05, 1000),
  /** Nitrogen that was spread: of a fertiliser all, of manure what its analysis calls available. */
  NITROGEN("nitrogenKgPerHa", "Nitrogen", Unit.KG_PER_HA, 0, 500),
  /** Phosphate, P2O5. */
  PHOSPHATE("phosphateKgPerHa", "Phosphate", Unit.KG_PER_HA, 0, 500),
  /** Potash, K2O. */
  POTASH("potashKgPerHa", "Potash", Unit.KG_PER_HA, 0, 800),
  /** Slurry. */
  SLURRY("slurryM3PerHa", "Slurry", Unit.SLURRY_M3_PER_HA, 0, 300),
  /** Solid manure or compost. */
  MANURE("manureMgPerHa", "Solid manure", Unit.SPREAD_MG_PER_HA, 0, 200),
  /** Until it was worked in; none where it never was. */
  WORKED_IN("workedInDays", "Worked in after", Unit.DAYS, 0, 60),
  /** Animals of a group. */
  HEAD("head", "Head", Unit.COUNT, 1, 10_000),
  /** How long they were on, the day of the entry the last. */
  GRAZED("grazedDays", "Days on it", Unit.DAYS, 1, 365),
  /** What they left standing. */
  LEFT("leftCm", "Height left", Unit.CM, 0, 300),
  /** Earthworms in a cube one spade wide and deep. */
  WORMS("wormsPerSpade", "Worms in a spade", Unit.COUNT, 0, 300),
  /** The first 25 mm of water in a ring. */
  SOAKS("soakMinutes", "First water sinks in, minutes", Unit.COUNT, 0, 600),
  /** The second. */
  SOAKS_AGAIN("soakAgainMinutes", "Second water, minutes", Unit.COUNT, 0, 600),
  /** Organic matter of the top soil by a laboratory. */
  ORGANIC_MATTER("organicMatterShare", "Organic matter", Unit.FINE_SHARE, 0, 0.5),
  /** Ground that residue hides. */
  RESIDUE("residueShare", "Residue on the ground", Unit.SHARE, 0, 1),
  /** How crusted it looks, from none to all. */
  CRUST("crustOf10", "Crust, of 10", Unit.COUNT, 0, 10),
  /** Nitrogen of the nitrate in the ground, as far down as it was tested. */
  SOIL_NITRATE("soilNitrateKgPerHa", "Nitrate nitrogen", Unit.KG_PER_HA, 0, 500),
  /** Of the nitrogen in manure, by its analysis. */
  AMMONIUM("ammoniumShare", "Of its nitrogen, ammonium", Unit.SHARE, 0, 1),
  /** Nitrogen in clipped tops, by a laboratory. */
  TOPS_NITROGEN("topsNitrogenShare", "Nitrogen in it, by analysis", Unit.FINE_SHARE, 0.005, 0.08),
  /** Where a rod meets most. */
  TIGHT_AT("tightAtCm", "Tight at", Unit.CM, 0, 100),
  /** What it meets there. */
  RESISTANCE("resistanceMpa", "Resists", Unit.MPA, 0, 10),
  /** Money of a bill or payment. */
  MONEY("usd", "Amount", Unit.USD_CENTS, 0.01, 10_000_000);

  private final String key;
  private final String label;
  private final Unit unit;
  private final double least;
  private final double most;

  EntryFigure(String key, String label, Unit unit, double least, double most) {
    this.key = key;
    this.label = label;
    this.unit = unit;
    this.least = least;
    this.most = most;
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return what it is, for a form} */
  public String label() {
    return label;
  }

  /** {@return the unit it is stored in} */
  public Unit unit() {
    return unit;
  }

  /** {@return the least it can be} */
  public double least() {
    return least;
  }

  /** {@return the most it can be} */
  public double most() {
    return most;
  }

  /**
   * {@return the figure of a stored name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static EntryFigure of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(
            () -> new Refused("figures", "No entry carries a figure called “" + key + "”."));
  }

  /**
   * {@return a value that it can be}
   *
   * @param where name of the input, for the refusal
   * @param value in its unit
   * @throws Refused when it is out of range
   */
  public double checked(String where, double value) {
    if (!(value >= least && value <= most)) {
      throw new Refused(where, asked());
    }
    return value;
  }

  /** {@return a sentence that asks for it, with what it may be in both systems of units} */
  String asked() {
    String us = said(least, UnitSystem.US) + " to " + said(most, UnitSystem.US);
    String metric = said(least, UnitSystem.METRIC) + " to " + said(most, UnitSystem.METRIC);
    return "%s must be given, from %s."
        .formatted(label, us.equals(metric) ? us : us + " (" + metric + ")");
  }

  private String said(double value, UnitSystem system) {
    return system.say(new Figure.Amount(value, unit));
  }
}
