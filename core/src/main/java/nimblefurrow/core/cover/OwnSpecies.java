package nimblefurrow.core.cover;

import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * A species of the grower's own: it grows like one of the table, but for what the grower knows of
 * it. What is not given here, leaf, roots, light and needs for warmth, is the model's species'.
 *
 * @param id stable key, beginning with {@value #PREFIX}
 * @param like id of the species of the table it grows like
 * @param name common name
 * @param seedsPerKg seeds per kg
 * @param drilled rates when placed in the soil, kg/ha of bulk seed
 * @param surface rates when left on the surface, kg/ha of bulk seed
 * @param mixCapKgPerHa rate above which it overwhelms partners in a mix
 * @param depthLowMm shallowest useful depth
 * @param depthHighMm deepest useful depth
 * @param lt50C temperature that kills half of fully hardened plants
 * @param ripening warmth needed to its key stage as a share of the model's species': 0.9 is earlier
 * @param heightCm tallest
 * @param mostMgPerHa most dry matter a stand reaches
 * @param usdPerKg usual price of seed
 */
public record OwnSpecies(
    String id,
    String like,
    String name,
    double seedsPerKg,
    Species.Rates drilled,
    Species.Rates surface,
    double mixCapKgPerHa,
    double depthLowMm,
    double depthHighMm,
    double lt50C,
    double ripening,
    double heightCm,
    double mostMgPerHa,
    double usdPerKg) {

  /** How keys of own species begin, so that they never meet those of the table. */
  public static final String PREFIX = "own_";

  private static final double WINTER_BAND_C = 8;
  private static final double LEAST_SHARE = 0.4;
  private static final double MOST_SHARE = 1.6;
  private static final double RIPENING_BAND = 0.3;

  /**
   * {@return the species the model runs}
   *
   * @param table species of the table
   * @throws Refused when a figure lies where the model of its likeness would no longer hold
   */
  public Species in(SpeciesTable table) {
    if (!id.startsWith(PREFIX)) {
      throw new Refused("id", "The key of a species of your own begins with " + PREFIX + ".");
    }
    if (name.isBlank()) {
      throw new Refused("name", "Give the species a name.");
    }
    Species model =
        table
            .find(like)
            .orElseThrow(() -> new Refused("like", "Choose the species it grows like."));
    if (like.startsWith(PREFIX)) {
      throw new Refused("like", "Choose a species of the table, not one of your own.");
    }
    within("seedsPerKg", "Seeds per kg", seedsPerKg, 200, 5_000_000);
    rates("drilled", "drilled", drilled);
    rates("surface", "on the surface", surface);
    Need.positive("mixCapKgPerHa", "The most in a mix", mixCapKgPerHa);
    within("depthLowMm", "The shallowest depth, mm,", depthLowMm, 0, 100);
    within("depthHighMm", "The deepest depth, mm,", depthHighMm, depthLowMm, 120);
    double hardy = model.winter().lt50HardC();
    within(
        "lt50C",
        "The cold that kills half, °C,",
        lt50C,
        hardy - WINTER_BAND_C,
        hardy + WINTER_BAND_C);
    within("ripening", "Ripening, as a share,", ripening, 1 - RIPENING_BAND, 1 + RIPENING_BAND);
    share("heightCm", "The height, cm,", heightCm, model.growth().heightMaxCm());
    share("mostMgPerHa", "The most growth, Mg/ha,", mostMgPerHa, model.growth().maxMgPerHa());
    Need.notNegative("usdPerKg", "The price", usdPerKg);
    return grown(model);
  }

  private Species grown(Species model) {
    Species.Seed seed = model.seed();
    Species.Growth g = model.growth();
    Species.Clock clock = model.clock();
    return new Species(
        id,
        name.strip(),
        model.botanical(),
        model.family(),
        model.perennial(),
        new Species.Seed(
            seedsPerKg,
            1e6 / seedsPerKg,
            seed.bulkKgPerM3(),
            drilled,
            surface,
            mixCapKgPerHa,
            depthLowMm,
            depthHighMm),
        model.germination(),
        new Species.Winter(model.winter().hardiness(), lt50C, model.winter().exposed()),
        new Species.Growth(
            g.shade(),
            g.heatC(),
            g.dominance(),
            g.rueGPerMj(),
            g.k(),
            g.slaM2PerKg(),
            g.baseC(),
            g.plateauLowC(),
            g.plateauHighC(),
            g.maxC(),
            g.seedlingMg() * seed.perKg() / seedsPerKg,
            g.leafMaxM2(),
            g.rootMaxM(),
            heightCm,
            mostMgPerHa),
        new Species.Clock(
            clock.kind(),
            clock.baseC(),
            clock.keyStage(),
            clock.keyPtu() * ripening,
            clock.scale()),
        model.carbonToNitrogen(),
        model.rollerKill(),
        model.rollerKillName(),
        model.sprayKind(),
        model.dates(),
        model.advice(),
        usdPerKg);
  }

  private static void rates(String where, String how, Species.Rates r) {
    Need.positive(where + ".low", "The lowest rate " + how, r.low());
    within(where + ".typical", "The usual rate " + how + ", kg/ha,", r.typical(), r.low(), 400);
    within(where + ".high", "The highest rate " + how + ", kg/ha,", r.high(), r.typical(), 400);
  }

  private static void share(String where, String what, double value, double model) {
    within(where, what, value, LEAST_SHARE * model, MOST_SHARE * model);
  }

  private static void within(String where, String what, double value, double low, double high) {
    if (!(value >= low && value <= high)) {
      throw new Refused(
          where,
          "%s must be from %s to %s; it is %s. Beyond that it does not grow like its model."
              .formatted(what, said(low), said(high), said(value)));
    }
  }

  private static String said(double value) {
    return Double.isFinite(value)
        ? java.math.BigDecimal.valueOf(Math.round(value * 100) / 100.0)
            .stripTrailingZeros()
            .toPlainString()
        : "not a number";
  }
}
