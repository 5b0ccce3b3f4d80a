package nimblefurrow.core.count;

import java.util.Comparator;
import nimblefurrow.core.cover.StageScale;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.units.Refused;

/**
 * The stage of a stand from the share of its heads or plants that are past a mark. Single plants
 * are taken to be spread about the stand's stage like a bell, as in the season model.
 *
 * @param stage the named stage nearest to it
 * @param fraction of the photothermal sum to the key stage
 */
public record StageSeen(String stage, double fraction) {
  /** Spread of single plants, as a share of the sum to the key stage. Working value. */
  private static final double SPREAD = 0.05;

  private static final double SUREST = 0.98;

  /** What is looked for on each head or plant. */
  public enum Look {
    /** Anthers on a cereal head. */
    ANTHERS(true, "mid-anthesis"),
    /** A squeezed kernel gives milk or is firmer. */
    MILK(true, "milk"),
    /** A squeezed kernel is doughy or firmer. */
    DOUGH(true, "soft dough"),
    /** Open flowers on a broadleaf. */
    BLOOM(false, "half bloom"),
    /** Pods on the lowest flowering nodes. */
    PODS(false, "early pod");

    private final boolean cereal;
    private final String mark;

    Look(boolean cereal, String mark) {
      this.cereal = cereal;
      this.mark = mark;
    }

    /**
     * {@return what is usually looked for on a species}
     *
     * @param scale its stages
     */
    public static Look usual(StageScale scale) {
      return scale.cereal() ? ANTHERS : BLOOM;
    }
  }

  /**
   * @param scale stages of the species
   * @param look what was looked at
   * @param share of heads or plants that show it
   * @return the stage seen
   * @throws Refused when the species cannot show it
   */
  public static StageSeen of(StageScale scale, Look look, double share) {
    if (scale.cereal() != look.cereal) {
      throw new Refused(
          "look", look.cereal ? "Only cereals show that." : "Cereals do not show that.");
    }
    double mark = scale.stages().get(scale.indexOf(look.mark)).fraction();
    double clear = Maths.clamp(share, 1 - SUREST, SUREST);
    double off = clear >= 0.5 ? Interval.normal(2 * clear - 1) : -Interval.normal(1 - 2 * clear);
    double fraction = mark + SPREAD * off;
    StageScale.Stage nearest =
        scale.stages().stream()
            .min(Comparator.comparing(s -> Math.abs(s.fraction() - fraction)))
            .orElseThrow();
    return new StageSeen(nearest.name(), fraction);
  }
}
