package nimblefurrow.core.seed;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Seeds that go out together. Entered by rates, by a total with shares of mass, or by live seeds
 * with shares of their number; all three are the same mix.
 *
 * @param seeds the components, at least one
 */
public record SeedMix(List<Seed> seeds) {

  /**
   * One component.
   *
   * @param species what
   * @param rateKgPerHa bulk seed, kg/ha
   * @param germination share of pure seed that germinates, above 0 to 1
   * @param purity share of the bulk that is this seed, above 0 to 1
   * @param pricePerKg price of bulk seed
   */
  public record Seed(
      Species species, double rateKgPerHa, double germination, double purity, double pricePerKg) {

    /**
     * {@return seeds per m² able to make a plant: bulk rate × purity × germination × seeds per kg}
     */
    public double liveSeedsPerM2() {
      return rateKgPerHa * liveSeedsPerKg() / 10_000;
    }

    /** {@return money per ha} */
    public double costPerHa() {
      return rateKgPerHa * pricePerKg;
    }

    /**
     * {@return the same seed at another rate}
     *
     * @param otherRateKgPerHa bulk rate, kg/ha
     */
    public Seed at(double otherRateKgPerHa) {
      return new Seed(species, otherRateKgPerHa, germination, purity, pricePerKg);
    }

    /** {@return the rate of usual seed that holds as many live seeds, kg/ha} */
    public double usualRateKgPerHa() {
      return rateKgPerHa
          * purity
          * germination
          / (CoverComponent.USUAL_PURITY * CoverComponent.USUAL_GERMINATION);
    }

    private double liveSeedsPerKg() {
      return purity * germination * species.seed().perKg();
    }
  }

  /**
   * @throws Refused naming what is out of range
   */
  public SeedMix {
    seeds = List.copyOf(seeds);
    if (seeds.isEmpty()) {
      throw new Refused("components", "Choose at least one species.");
    }
    for (int i = 0; i < seeds.size(); i++) {
      Seed s = seeds.get(i);
      String at = "components[" + i + "].";
      String name = s.species().name();
      Need.notNegative(at + "rateKgPerHa", "The rate of " + name, s.rateKgPerHa());
      Need.share(at + "germination", "Germination of " + name, s.germination());
      Need.share(at + "purity", "Purity of " + name, s.purity());
      Need.notNegative(at + "pricePerKg", "The price of " + name, s.pricePerKg());
    }
    if (!(seeds.stream().mapToDouble(Seed::rateKgPerHa).sum() > 0)) {
      throw new Refused("components", "All rates are 0: nothing would be seeded.");
    }
  }

  /**
   * {@return the same seeds at a total of bulk mass divided by shares; shares need not add up to
   * one}
   *
   * @param totalKgPerHa bulk rate of all, kg/ha
   * @param shares share of each component; they make 1
   */
  public SeedMix byMass(double totalKgPerHa, List<Double> shares) {
    Need.positive("totalKgPerHa", "The total rate", totalKgPerHa);
    return scaled(totalKgPerHa, shares, s -> 1);
  }

  /**
   * {@return the same seeds at a total of live seeds divided by shares of their number}
   *
   * @param liveSeedsPerM2 live seeds, per m²
   * @param shares share of each component; they make 1
   */
  public SeedMix byCount(double liveSeedsPerM2, List<Double> shares) {
    Need.positive("liveSeedsPerM2", "The total of live seeds", liveSeedsPerM2);
    return scaled(liveSeedsPerM2, shares, s -> 10_000 / s.liveSeedsPerKg());
  }

  private SeedMix scaled(
      double total, List<Double> shares, java.util.function.ToDoubleFunction<Seed> kgPerUnit) {
    if (shares.size() != seeds.size()) {
      throw new Refused(
          "shares", "Give one share for each of the %d seeds.".formatted(seeds.size()));
    }
    double sum = 0;
    for (int i = 0; i < shares.size(); i++) {
      sum += Need.notNegative("shares[" + i + "]", "A share", shares.get(i));
    }
    Need.positive("shares", "The sum of all shares", sum);
    List<Seed> all = new ArrayList<>();
    for (int i = 0; i < seeds.size(); i++) {
      Seed s = seeds.get(i);
      all.add(s.at(total * shares.get(i) / sum * kgPerUnit.applyAsDouble(s)));
    }
    return new SeedMix(all);
  }

  /** {@return bulk seed, kg/ha} */
  public double rateKgPerHa() {
    return seeds.stream().mapToDouble(Seed::rateKgPerHa).sum();
  }

  /** {@return live seeds per m²} */
  public double liveSeedsPerM2() {
    return seeds.stream().mapToDouble(Seed::liveSeedsPerM2).sum();
  }

  /** {@return money per ha} */
  public double costPerHa() {
    return seeds.stream().mapToDouble(Seed::costPerHa).sum();
  }

  /**
   * {@return how full the field is: the sum of each rate over the rate the species would have
   * alone, counted in live seed} Usual is 1.0 to 1.3; under 0.7 is thin, over 1.6 wasteful.
   *
   * @param placement where seed lies
   */
  public double intensity(Placement placement) {
    return seeds.stream()
        .mapToDouble(s -> s.usualRateKgPerHa() / fullRateKgPerHa(s.species(), placement))
        .sum();
  }

  /**
   * {@return the usual rate of a species alone, kg/ha: drilled or surface rate by placement} A
   * precision planter needs three quarters of a drill's seed.
   *
   * @param species species in question
   * @param placement where seed lies
   */
  public static double fullRateKgPerHa(Species species, Placement placement) {
    return switch (placement) {
      case PRECISION_PLANTER -> 0.75 * species.seed().drilled().typical();
      case DRILL, INTERSEEDER -> species.seed().drilled().typical();
      default -> species.seed().surface().typical();
    };
  }
}
