package nimblefurrow.core.cover;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import nimblefurrow.core.units.Curve;
import org.jspecify.annotations.Nullable;

/**
 * A cover crop species: what the model needs to grow it and what a grower needs to choose it.
 *
 * @param id stable key, such as {@code cereal_rye}
 * @param name common name
 * @param botanical Latin name
 * @param family botanical grouping
 * @param perennial whether plants live on after flowering
 * @param seed seed size, rates and depths
 * @param germination needs from seeding to emergence
 * @param winter cold tolerance
 * @param growth leaf, light and size
 * @param clock what brings it through its stages
 * @param carbonToNitrogen C:N of the tops by stage fraction
 * @param rollerKill share of single plants a roller kills, by stage fraction
 * @param rollerKillName name of that curve, such as {@code vetch}
 * @param sprayKind how herbicides find it: grass, wheat, ryegrass, legume, clover, brassica, other
 * @param dates useful seeding dates
 * @param advice words on ending and risks
 * @param seedUsdPerKg usual price of seed, US dollars per kg
 */
public record Species(
    String id,
    String name,
    String botanical,
    Family family,
    boolean perennial,
    Seed seed,
    Germination germination,
    Winter winter,
    Growth growth,
    Clock clock,
    Curve carbonToNitrogen,
    Curve rollerKill,
    String rollerKillName,
    String sprayKind,
    Dates dates,
    Advice advice,
    double seedUsdPerKg) {

  /** The same species at another price of its seed. */
  Species pricedAt(double usdPerKg) {
    return new Species(
        id,
        name,
        botanical,
        family,
        perennial,
        seed,
        germination,
        winter,
        growth,
        clock,
        carbonToNitrogen,
        rollerKill,
        rollerKillName,
        sprayKind,
        dates,
        advice,
        usdPerKg);
  }

  /**
   * Seed facts; rates in kg/ha of bulk seed.
   *
   * @param perKg seeds per kg
   * @param singleMg mass of one seed, mg
   * @param bulkKgPerM3 bulk density
   * @param drilled rates when placed in the soil
   * @param surface rates when left on the surface
   * @param mixCapKgPerHa rate above which it overwhelms partners in a mix
   * @param depthLowMm shallowest useful depth
   * @param depthHighMm deepest useful depth
   */
  public record Seed(
      double perKg,
      double singleMg,
      double bulkKgPerM3,
      Rates drilled,
      Rates surface,
      double mixCapKgPerHa,
      double depthLowMm,
      double depthHighMm) {}

  /** Low, typical and high rate, kg/ha. */
  public record Rates(double low, double typical, double high) {}

  /**
   * @param baseC temperature below which seed does not move
   * @param thermalTimeCd warmth above the base from seeding to emergence, °C·day
   */
  public record Germination(double baseC, double thermalTimeCd) {}

  /**
   * @param hardiness how far it hardens
   * @param lt50HardC temperature that kills half of fully hardened plants
   * @param exposed whether the growing point stands in the air
   */
  public record Winter(Hardiness hardiness, double lt50HardC, boolean exposed) {}

  /**
   * @param shade sensitivity of young plants to deep shade
   * @param heatC warmth of crown and seed zone above which leafy young plants die; null where none
   *     do
   * @param dominance share of light won over partners
   * @param rueGPerMj dry matter per MJ of photosynthetically active light
   * @param k extinction coefficient
   * @param slaM2PerKg leaf area per leaf mass
   * @param baseC no growth at or below
   * @param plateauLowC full growth from
   * @param plateauHighC full growth to
   * @param maxC no growth at or above
   * @param seedlingMg mass at emergence, mg
   * @param leafMaxM2 largest leaf area of one plant, m²
   * @param rootMaxM deepest roots, m
   * @param heightMaxCm tallest
   * @param maxMgPerHa most dry matter a stand reaches
   */
  public record Growth(
      double shade,
      @Nullable Double heatC,
      double dominance,
      double rueGPerMj,
      double k,
      double slaM2PerKg,
      double baseC,
      double plateauLowC,
      double plateauHighC,
      double maxC,
      double seedlingMg,
      double leafMaxM2,
      double rootMaxM,
      double heightMaxCm,
      double maxMgPerHa) {}

  /**
   * @param kind what it counts
   * @param baseC base of the neutral clock, °C
   * @param keyStage name of the key stage
   * @param keyPtu sum to the key stage
   * @param scale the stages
   */
  public record Clock(
      ClockKind kind, double baseC, String keyStage, double keyPtu, StageScale scale) {}

  /**
   * Useful seeding dates as weeks before the average killing frost; negative is after it.
   *
   * @param weeksEarliest earliest
   * @param weeksLatest latest
   */
  public record Dates(double weeksEarliest, double weeksLatest) {}

  /**
   * @param roller whether a roller can end it: {@code yes}, {@code with timing} or {@code no}
   * @param herbicide in words
   * @param notes risks in words
   */
  public record Advice(String roller, String herbicide, String notes) {}

  /** {@return whether it fixes its own nitrogen} */
  public boolean legume() {
    return family == Family.LEGUME;
  }

  /**
   * {@return several in a grower's words, such as “Cereal rye and hairy vetch”}
   *
   * @param species at least one
   */
  public static String together(List<Species> species) {
    String first = species.get(0).name();
    List<String> others =
        species.stream().skip(1).map(s -> s.name().toLowerCase(Locale.ROOT)).toList();
    int last = others.size() - 1;
    return last < 0
        ? first
        : String.join(", ", Stream.concat(Stream.of(first), others.stream().limit(last)).toList())
            + " and "
            + others.get(last);
  }
}
