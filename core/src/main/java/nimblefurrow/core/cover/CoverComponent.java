package nimblefurrow.core.cover;

import java.util.Collection;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * One species of a cover as it is seeded.
 *
 * @param species what
 * @param rateKgPerHa bulk seed, kg/ha, above 0 and below 1000
 * @param germination share of pure seed that germinates, 0..1
 * @param purity share of the bulk that is this seed, 0..1
 * @param depthMm seeding depth, mm, when known
 */
public record CoverComponent(
    Species species,
    double rateKgPerHa,
    double germination,
    double purity,
    @Nullable Double depthMm) {
  /** Germination taken when no test is at hand. */
  public static final double USUAL_GERMINATION = 0.90;

  /** Purity taken when no test is at hand. */
  public static final double USUAL_PURITY = 0.98;

  /**
   * @throws Refused naming what is out of range
   */
  public CoverComponent {
    if (!(rateKgPerHa > 0 && rateKgPerHa <= 1000)) {
      throw new Refused(
          "",
          "a rate of %s kg/ha of %s is not a seeding rate: it must be above 0 and at most 1,000"
              .formatted(rateKgPerHa, species.name()));
    }
    requireShare("germination", germination);
    requireShare("purity", purity);
    if (depthMm != null && !(depthMm >= 0 && depthMm <= 200)) {
      throw new Refused("", "a seeding depth of " + depthMm + " mm");
    }
  }

  /**
   * {@return a component of usual seed quality and unknown depth}
   *
   * @param species species in question
   * @param rateKgPerHa bulk rate, kg/ha
   */
  public static CoverComponent of(Species species, double rateKgPerHa) {
    return new CoverComponent(species, rateKgPerHa, USUAL_GERMINATION, USUAL_PURITY, null);
  }

  /**
   * {@return bulk seed of all of a cover together, kg/ha}
   *
   * @param cover its components
   */
  public static double rate(Collection<CoverComponent> cover) {
    return cover.stream().mapToDouble(CoverComponent::rateKgPerHa).sum();
  }

  /** {@return seeds per m² able to make a plant: rate × purity × germination × seeds per kg} */
  public double liveSeedsPerM2() {
    return rateKgPerHa * purity * germination * species.seed().perKg() / 10_000;
  }

  private static void requireShare(String what, double value) {
    if (!(value >= 0 && value <= 1)) {
      throw new Refused("", "%s of %s %% is not between 0 and 100 %%".formatted(what, value * 100));
    }
  }
}
