package nimblefurrow.core.nutrient;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.units.Spread;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a field's nitrogen between one crop and the next.
 *
 * @param tests of the soil
 * @param spread manure and fertiliser
 * @param cover what stands or stood; null for none
 */
public record NitrogenKnown(
    List<SoilTest> tests, List<Spreading> spread, @Nullable CoverNitrogen cover) {
  public NitrogenKnown {
    tests = List.copyOf(tests);
    spread = List.copyOf(spread);
  }

  /**
   * Nitrate in the ground, as tested.
   *
   * @param on the day
   * @param kgPerHa of nitrogen
   */
  public record SoilTest(LocalDate on, double kgPerHa) {}

  /**
   * A cover's nitrogen.
   *
   * @param endedOn the day it is or was ended
   * @param topsKgPerHa in its tops that day, in the middle year
   * @param takenUpKgPerHa of it out of the ground; the rest a legume made itself
   * @param freedKgPerHa for the next crop in eight to ten weeks, in every year; below nought ties
   *     up
   * @param mulchByWeek dead cover from the ending on, Mg/ha, in the middle year: it frees as it
   *     rots
   * @param clipped a sample of the tops with its analysis; null for none
   */
  public record CoverNitrogen(
      LocalDate endedOn,
      double topsKgPerHa,
      double takenUpKgPerHa,
      Spread freedKgPerHa,
      List<Double> mulchByWeek,
      @Nullable Clipped clipped) {
    public CoverNitrogen {
      mulchByWeek = List.copyOf(mulchByWeek);
    }
  }

  /**
   * Tops that were clipped, dried and sent in.
   *
   * @param mgPerHa dry
   * @param nitrogenShare of the dry matter, 0..1
   */
  public record Clipped(double mgPerHa, double nitrogenShare) {
    /** {@return nitrogen in the tops, kg/ha} */
    double kgPerHa() {
      return KG_PER_MG * mgPerHa * nitrogenShare;
    }

    private static final double KG_PER_MG = 1000;
  }
}
