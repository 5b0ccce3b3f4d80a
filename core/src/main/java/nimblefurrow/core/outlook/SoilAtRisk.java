package nimblefurrow.core.outlook;

import nimblefurrow.core.season.Texture;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/**
 * How much of its soil bare ground loses to rain beside other ground: slope and texture as in the
 * universal soil loss equation, rain and length of slope left aside, for they are alike on a farm.
 *
 * @param rank how pressing it is that it is held
 * @param loss beside silt loam on the 9 % slope of the equation's own plots, 1 when alike
 * @param why with the numbers
 */
public record SoilAtRisk(Rank rank, double loss, Reason why) {
  /** From here on half of what the plots lost goes. Working value. */
  private static final double MUCH = 0.5;

  /** Silt loam of 3 % and more. Working value. */
  private static final double SOME = 0.2;

  private static final double PER_CENT = 100;

  /** How pressing it is that soil is held. */
  public enum Rank implements Keyed {
    MUCH("much", "much soil at risk"),
    SOME("some", "some soil at risk"),
    LITTLE("little", "little soil at risk");

    private final String key;
    private final String label;

    Rank(String key, String label) {
      this.key = key;
      this.label = label;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }

    /** {@return in a grower's words} */
    public String label() {
      return label;
    }
  }

  /**
   * {@return what a field has to lose}
   *
   * @param texture of its soil
   * @param slopePercent its usual slope
   * @param erodible whether it is listed as highly erodible: such ground is held first
   */
  public static SoilAtRisk of(Texture texture, double slopePercent, boolean erodible) {
    Need.notNegative("slopePercent", "The slope", slopePercent);
    double loss = erodibility(texture) / erodibility(Texture.SILT_LOAM) * steepness(slopePercent);
    Rank rank = erodible || loss >= MUCH ? Rank.MUCH : loss >= SOME ? Rank.SOME : Rank.LITTLE;
    Reason why =
        Reason.of(
                erodible
                    ? "{slope} slope, listed as erodible: bare, {times} times the soil of level"
                        + " ground goes"
                    : "{slope} slope: bare, {times} times the soil of level ground goes")
            .with("slope", slopePercent / PER_CENT, Unit.SHARE)
            .with("times", steepness(slopePercent) / steepness(0), Unit.COUNT);
    return new SoilAtRisk(rank, loss, why);
  }

  /** Slope factor of the universal soil loss equation (Wischmeier and Smith 1978); 1 at 9 %. */
  private static double steepness(double slopePercent) {
    double sine = Math.sin(Math.atan(slopePercent / PER_CENT));
    return 65.41 * sine * sine + 4.56 * sine + 0.065;
  }

  /** Erodibility by texture at 2 % of organic matter (Stewart and others 1975), US units. */
  private static double erodibility(Texture texture) {
    return switch (texture) {
      case SAND -> 0.03;
      case SANDY_LOAM -> 0.24;
      case LOAM -> 0.34;
      case SILT_LOAM -> 0.42;
      case CLAY_LOAM -> 0.25;
      case CLAY -> 0.21;
    };
  }
}
