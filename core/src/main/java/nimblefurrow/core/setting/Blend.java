package nimblefurrow.core.setting;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/**
 * Seed spread with fertiliser.
 *
 * @param totalKgPerHa what the spreader must be set for
 * @param seedKgPerTonne seed in a tonne of fertiliser
 * @param seedShare seed in the blend, by mass
 * @param batchSeedKg seed for one batch
 * @param batchFertiliserKg fertiliser for one batch
 * @param cautions what may go wrong
 */
public record Blend(
    double totalKgPerHa,
    double seedKgPerTonne,
    double seedShare,
    double batchSeedKg,
    double batchFertiliserKg,
    List<Reason> cautions) {
  /** Longer in fertiliser than this, germination falls. Working value; inoculant dies sooner. */
  private static final double MOST_HOURS = 6;

  private static final double UNLIKE_DENSITY = 1.35;

  public Blend {
    cautions = List.copyOf(cautions);
  }

  /**
   * {@return a blend that brings both rates at once}
   *
   * @param seedKgPerHa wanted
   * @param fertiliserKgPerHa wanted
   * @param batchKg mass of one batch
   * @param hours from blending to spreading
   * @param seedDensityKgPerM3 bulk density of the seed
   * @param fertiliserDensityKgPerM3 bulk density of the fertiliser
   */
  public static Blend of(
      double seedKgPerHa,
      double fertiliserKgPerHa,
      double batchKg,
      double hours,
      double seedDensityKgPerM3,
      double fertiliserDensityKgPerM3) {
    Need.positive("seedKgPerHa", "The rate of seed", seedKgPerHa);
    Need.positive("fertiliserKgPerHa", "The rate of fertiliser", fertiliserKgPerHa);
    Need.positive("batchKg", "The batch", batchKg);
    Need.notNegative("hours", "The hours from blending to spreading", hours);
    Need.positive("seedDensityKgPerM3", "The seed's density", seedDensityKgPerM3);
    Need.positive("fertiliserDensityKgPerM3", "The fertiliser's density", fertiliserDensityKgPerM3);
    double total = seedKgPerHa + fertiliserKgPerHa;
    List<Reason> cautions = new ArrayList<>();
    double ratio =
        Math.max(seedDensityKgPerM3, fertiliserDensityKgPerM3)
            / Math.min(seedDensityKgPerM3, fertiliserDensityKgPerM3);
    if (ratio > UNLIKE_DENSITY) {
      cautions.add(
          Reason.of(
              "seed and fertiliser differ much in weight: they separate on the way and fly apart;"
                  + " narrow the swath or spread twice"));
    }
    if (hours > MOST_HOURS) {
      cautions.add(
          Reason.of("{hours} in fertiliser costs germination: spread within {most}")
              .with("hours", hours, Unit.HOURS)
              .with("most", MOST_HOURS, Unit.HOURS));
    }
    return new Blend(
        total,
        1000 * seedKgPerHa / fertiliserKgPerHa,
        seedKgPerHa / total,
        batchKg * seedKgPerHa / total,
        batchKg * fertiliserKgPerHa / total,
        cautions);
  }
}
