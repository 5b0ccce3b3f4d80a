package nimblefurrow.core.nutrient;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * Nitrogen of manure that the crop gets in its first season. Working values; an analysis and the
 * state's own tables outrank them.
 *
 * @param lossShare of the ammonium that goes into the air
 * @param availableNPerHa what is left of it, and what of the organic part is freed
 */
public record ManureNitrogen(double lossShare, double availableNPerHa) {
  /** Of the organic nitrogen, freed in the first season where nothing else is known. */
  public static final double USUAL_ORGANIC_SHARE = 0.35;

  private static final double INJECTED = 0.05;
  private static final double NEVER = 0.7;

  /** Less is lost where it is cool. */
  private static final double COOL = 0.7;

  /** Days to working it in, and what is lost until then. */
  private static final double[][] WORKED_IN = {{1, 0.2}, {3, 0.4}, {7, 0.55}};

  /** How manure comes into the ground. */
  public enum Way implements Keyed {
    INJECTED("injected"),
    INCORPORATED("incorporated"),
    SURFACE("surface");

    private final String key;

    Way(String key) {
      this.key = key;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }
  }

  /**
   * {@return the nitrogen of a rate of manure}
   *
   * @param ratePerHa in units of the analysis, such as m³ or tonnes
   * @param ammoniumPerUnit ammonium nitrogen of a unit
   * @param organicNPerUnit organic nitrogen of a unit
   * @param way how it comes into the ground
   * @param daysToIncorporation until it is worked in; null where it never is
   * @param cool whether it is brought out in cool weather
   * @param organicShare of the organic nitrogen freed in the first season, 0..1
   * @throws Refused when a figure cannot be
   */
  public static ManureNitrogen of(
      double ratePerHa,
      double ammoniumPerUnit,
      double organicNPerUnit,
      Way way,
      @Nullable Double daysToIncorporation,
      boolean cool,
      double organicShare) {
    Need.notNegative("ratePerHa", "The rate", ratePerHa);
    Need.notNegative("ammoniumPerUnit", "The ammonium", ammoniumPerUnit);
    Need.notNegative("organicNPerUnit", "The organic nitrogen", organicNPerUnit);
    if (organicShare != 0) {
      Need.share("organicShare", "What is freed of the organic nitrogen", organicShare);
    }
    if (daysToIncorporation != null) {
      Need.notNegative("daysToIncorporation", "The days", daysToIncorporation);
    }
    double loss = loss(way, daysToIncorporation) * (cool ? COOL : 1);
    double kept = ammoniumPerUnit * (1 - loss) + organicNPerUnit * organicShare;
    return new ManureNitrogen(loss, ratePerHa * kept);
  }

  private static double loss(Way way, @Nullable Double days) {
    if (way == Way.INJECTED) {
      return INJECTED;
    }
    if (way == Way.SURFACE || days == null) {
      return NEVER;
    }
    for (double[] row : WORKED_IN) {
      if (days <= row[0]) {
        return row[1];
      }
    }
    return NEVER;
  }
}
