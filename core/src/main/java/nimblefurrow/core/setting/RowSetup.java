package nimblefurrow.core.setting;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * How a cover is meant to stand between the rows of a crop, and what goes out in the same pass.
 * Rates of a plan stay per hectare of field; what runs through fewer openers or in a strip is set
 * higher there.
 *
 * @param cropSpacingM between rows of the crop, or of its stubble
 * @param openers in a gap that is seeded
 * @param apartM between them
 * @param twinM between the two rows of a twin; null for single rows
 * @param seededGaps gaps that are seeded
 * @param ofGaps of so many; the rest stays empty for wheels
 * @param nextRowM where the next crop's row will be, from the old row; null where nobody said
 * @param angleDeg of the pass to the crop's rows
 * @param strips with a seed and a box of their own; empty where all is one mix
 * @param sideDress nitrogen in the same pass; null without
 */
public record RowSetup(
    double cropSpacingM,
    int openers,
    double apartM,
    @Nullable Double twinM,
    int seededGaps,
    int ofGaps,
    @Nullable Double nextRowM,
    double angleDeg,
    List<Strip> strips,
    @Nullable SideDress sideDress) {
  /** More gaps than this no toolbar spans. */
  private static final int MOST_GAPS = 48;

  private static final double SQUARE_DEG = 90;

  /** More boxes no machine carries, and no longer name fits on a sheet. */
  private static final int MOST_STRIPS = 12;

  private static final int LONGEST_BOX = 40;

  /** Checks it, the fit of its openers between the rows too. */
  public RowSetup {
    strips = List.copyOf(strips);
    if (ofGaps < 1 || ofGaps > MOST_GAPS) {
      throw new Refused("ofGaps", "Say of how many gaps, 1 to %d.".formatted(MOST_GAPS));
    }
    if (seededGaps < 1 || seededGaps > ofGaps) {
      throw new Refused("seededGaps", "Of %d gaps 1 to %d are seeded.".formatted(ofGaps, ofGaps));
    }
    Need.notNegative("angleDeg", "The angle to the rows", angleDeg);
    if (angleDeg > SQUARE_DEG) {
      throw new Refused("angleDeg", "The angle to the rows is 0 to 90 degrees.");
    }
    if (sideDress != null && sideDress.bandM() > cropSpacingM) {
      throw new Refused("sideDress.bandM", "The band lies outside the gap between the rows.");
    }
    if (nextRowM != null && Math.abs(nextRowM) > cropSpacingM) {
      throw new Refused("nextRowM", "The next crop's row lies within one gap of the old one.");
    }
    if (strips.size() > MOST_STRIPS) {
      throw new Refused("strips", "Up to %d strips can be told apart.".formatted(MOST_STRIPS));
    }
    for (int i = 0; i < strips.size(); i++) {
      Need.positive("strips[" + i + "].widthM", "A strip's width", strips.get(i).widthM());
      if (strips.get(i).box().length() > LONGEST_BOX) {
        throw new Refused(
            "strips[" + i + "].box", "Name the box in up to %d characters.".formatted(LONGEST_BOX));
      }
    }
    RowPlan.of(cropSpacingM, openers, apartM, twinM, nextRowM, band(sideDress));
  }

  /**
   * A strip across the rows that has a seed of its own.
   *
   * @param species what grows in it
   * @param widthM how wide
   * @param box which box feeds it
   */
  public record Strip(String species, double widthM, String box) {}

  /**
   * What a strip is set to.
   *
   * @param share of the field's width
   * @param kgPerHa rate in it
   */
  public record StripRate(String species, String box, double share, double kgPerHa) {}

  /**
   * {@return where the cover's rows lie in a gap, and what lies too close}
   *
   * @param method how it is seeded
   */
  public RowPlan rows(SeedingMethod method) {
    RowPlan rows = RowPlan.of(cropSpacingM, openers, apartM, twinM, nextRowM, band(sideDress));
    return method.underCrop() ? rows : rows.inStubble();
  }

  private static @Nullable Double band(@Nullable SideDress with) {
    return with == null ? null : with.bandM();
  }

  /** {@return share of the gaps that is seeded} */
  public double seededShare() {
    return (double) seededGaps / ofGaps;
  }

  /**
   * {@return what open rows are set to so that the field gets a rate}
   *
   * @param kgPerHa rate by hectare of field
   */
  public double openKgPerHa(double kgPerHa) {
    return kgPerHa / seededShare();
  }

  /**
   * {@return what each strip is set to; a species with strips of its own has its whole rate in
   * them}
   *
   * @param kgPerHa rates by hectare of field, by species
   * @throws Refused when a strip's species is not seeded, or one that is seeded has no strip
   */
  public List<StripRate> stripRates(Map<String, Double> kgPerHa) {
    if (!strips.isEmpty() && !species().equals(kgPerHa.keySet())) {
      throw new Refused("strips", "Each species of the mix needs a strip, and no other has one.");
    }
    double all = width(strips);
    return strips.stream()
        .map(
            r ->
                new StripRate(
                    r.species(),
                    r.box().strip(),
                    r.widthM() / all * seededShare(),
                    setKgPerHa(r.species(), kgPerHa.getOrDefault(r.species(), 0.0))))
        .toList();
  }

  /**
   * {@return what a species is set to where it goes, in its strips or in open rows, so that the
   * field gets a rate}
   *
   * @param species its id
   * @param kgPerHa rate by hectare of field
   */
  public double setKgPerHa(String species, double kgPerHa) {
    List<Strip> own = strips.stream().filter(s -> s.species().equals(species)).toList();
    return openKgPerHa(own.isEmpty() ? kgPerHa : kgPerHa * width(strips) / width(own));
  }

  private static double width(List<Strip> strips) {
    return strips.stream().mapToDouble(Strip::widthM).sum();
  }

  private Set<String> species() {
    return strips.stream().map(Strip::species).collect(Collectors.toSet());
  }

  /**
   * {@return what of it still holds when a plan is changed; null when its seed stands in no rows}
   *
   * @param method how it is seeded now
   * @param mix ids of its species now
   */
  public @Nullable RowSetup fitting(SeedingMethod method, Set<String> mix) {
    if (!method.inRows()) {
      return null;
    }
    return new RowSetup(
        cropSpacingM,
        openers,
        apartM,
        twinM,
        seededGaps,
        ofGaps,
        nextRowM,
        angleDeg,
        species().equals(new HashSet<>(mix)) ? strips : List.of(),
        method.underCrop() ? sideDress : null);
  }
}
