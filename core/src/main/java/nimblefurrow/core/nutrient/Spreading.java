package nimblefurrow.core.nutrient;

import java.time.LocalDate;
import nimblefurrow.core.record.SpreadHow;
import nimblefurrow.core.units.Need;
import org.jspecify.annotations.Nullable;

/**
 * Manure or fertiliser that was brought out.
 *
 * @param on the day
 * @param manure whether it is manure; else mineral
 * @param nitrogenKgPerHa all nitrogen in it, kg/ha
 * @param ammoniumShare of the nitrogen that is ammonium, 0..1, by analysis; null where nobody said
 * @param how it was brought out; null where nobody said
 * @param workedInDays until it was worked in; null where it never was, or nobody said
 * @param cool whether the air of the day was cool
 */
public record Spreading(
    LocalDate on,
    boolean manure,
    double nitrogenKgPerHa,
    @Nullable Double ammoniumShare,
    @Nullable SpreadHow how,
    @Nullable Double workedInDays,
    boolean cool) {
  /** Below this mean of the air less is lost, °C. Working value. */
  private static final double COOL_C = 10;

  /**
   * {@return whether less is lost on a day, for its air is cool}
   *
   * @param meanC of the day, °C
   */
  public static boolean cool(double meanC) {
    return meanC < COOL_C;
  }

  public Spreading {
    Need.notNegative("nitrogenKgPerHa", "The nitrogen", nitrogenKgPerHa);
    if (ammoniumShare != null && ammoniumShare != 0) {
      Need.share("ammoniumShare", "The share of ammonium", ammoniumShare);
    }
  }

  /** {@return how it came into the ground} */
  ManureNitrogen.Way way() {
    if (how == SpreadHow.INJECTED || how == SpreadHow.BANDED || how == SpreadHow.STARTER) {
      return ManureNitrogen.Way.INJECTED;
    }
    return workedInDays == null ? ManureNitrogen.Way.SURFACE : ManureNitrogen.Way.INCORPORATED;
  }
}
