package nimblefurrow.core.seed;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * A mix as it is entered: by rates; or, with a total of mass or of live seeds, by the share each
 * component has of it.
 *
 * @param components what is in it
 * @param placementKey a placement of the season model, or a way of seeding
 * @param totalKgPerHa bulk rate of all; null where it is not entered so
 * @param liveSeedsPerM2 live seeds of all; null where it is not entered so
 * @param endingKey how the cover is to end; null or empty where that is open
 */
public record MixEntry(
    List<Component> components,
    String placementKey,
    @Nullable Double totalKgPerHa,
    @Nullable Double liveSeedsPerM2,
    @Nullable String endingKey) {

  /**
   * One component; quality and price are the usual ones where they are null.
   *
   * @param species its id
   * @param rateKgPerHa bulk rate; null where shares are entered
   * @param share of the total; null is none of it
   * @param germination share of pure seed that germinates
   * @param purity share of the bulk that is this seed
   * @param pricePerKg price of bulk seed
   */
  public record Component(
      String species,
      @Nullable Double rateKgPerHa,
      @Nullable Double share,
      @Nullable Double germination,
      @Nullable Double purity,
      @Nullable Double pricePerKg) {}

  /**
   * {@return the mix}
   *
   * @param table the species there are
   * @throws Refused naming the component that is not known or has no rate
   */
  public SeedMix mix(SpeciesTable table) {
    List<SeedMix.Seed> seeds = new ArrayList<>();
    List<Double> shares = new ArrayList<>();
    for (int i = 0; i < components.size(); i++) {
      Component c = components.get(i);
      seeds.add(seed("components[" + i + "]", c, table));
      shares.add(or(c.share(), 0));
    }
    SeedMix mix = new SeedMix(seeds);
    if (totalKgPerHa != null) {
      return mix.byMass(totalKgPerHa, shares);
    }
    return liveSeedsPerM2 != null ? mix.byCount(liveSeedsPerM2, shares) : mix;
  }

  private SeedMix.Seed seed(String at, Component c, SpeciesTable table) {
    Species found =
        table
            .find(c.species())
            .orElseThrow(
                () ->
                    new Refused(
                        at + ".species",
                        "There is no species “"
                            + c.species()
                            + "” in the table; on a farm, add your own under Seed."));
    boolean byShares = totalKgPerHa != null || liveSeedsPerM2 != null;
    if (!byShares && c.rateKgPerHa() == null) {
      throw new Refused(at + ".rateKgPerHa", "Give the rate of " + found.name() + ".");
    }
    return new SeedMix.Seed(
        found,
        byShares ? 1 : or(c.rateKgPerHa(), 1),
        or(c.germination(), CoverComponent.USUAL_GERMINATION),
        or(c.purity(), CoverComponent.USUAL_PURITY),
        or(c.pricePerKg(), found.seedUsdPerKg()));
  }

  /**
   * {@return where its seed comes to lie}
   *
   * @throws Refused when there is no such placement and no such way of seeding
   */
  public Placement placement() {
    try {
      return Placement.of(placementKey);
    } catch (Refused notThat) {
      try {
        return SeedingMethod.of(placementKey).placement();
      } catch (Refused nothing) {
        throw new Refused("placement", "There is no placement called “" + placementKey + "”.");
      }
    }
  }

  /**
   * {@return how the cover is to end; null where that is open} The short word {@code roll} is any
   * rolling.
   *
   * @throws Refused when there is no such ending
   */
  public @Nullable EndingMethod ending() {
    if (endingKey == null || endingKey.isBlank() || endingKey.equalsIgnoreCase("other")) {
      return null;
    }
    return endingKey.equalsIgnoreCase("roll")
        ? EndingMethods.all().stream().filter(EndingMethod::rolls).findFirst().orElseThrow()
        : EndingMethod.of(endingKey);
  }

  private static double or(@Nullable Double value, double usual) {
    return value == null ? usual : value;
  }
}
