package nimblefurrow.core.trial;

import java.util.OptionalInt;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.apache.commons.statistics.distribution.TDistribution;

/** How many blocks a trial needs to see a difference that would change a grower's mind. */
public final class Replicates {
  /** So sure a trial is to be to see a difference that is there. */
  public static final double USUAL_POWER = 0.8;

  /** So often it may see one that is not there. */
  public static final double USUAL_RISK = 0.1;

  private static final int MOST = 50;

  /** With fewer degrees of freedom of error little is told from chance. Working value. */
  private static final int FEW_FREEDOM = 6;

  private Replicates() {}

  /**
   * What is to be seen.
   *
   * @param difference between two treatments, in the unit of {@code mean}
   * @param cvFraction error of a strip as a share of the mean
   * @param mean of what is measured
   * @param treatments how many are compared
   */
  public record Wanted(double difference, double cvFraction, double mean, int treatments) {
    /**
     * @throws Refused naming what is out of range
     */
    public Wanted {
      Need.positive("difference", "The difference to be seen", difference);
      Need.positive("cvFraction", "The variation between strips", cvFraction);
      Need.positive("mean", "The mean", mean);
      if (treatments < 2 || treatments > 1000) {
        throw new Refused("treatments", "A trial compares 2 to 1,000 treatments.");
      }
    }

    private double power(int replicates, double risk) {
      int freedom = (treatments - 1) * (replicates - 1);
      double critical = TDistribution.of(freedom).inverseCumulativeProbability(1 - risk / 2);
      double away = difference / (cvFraction * mean * Math.sqrt(2.0 / replicates));
      return 1
          - NoncentralT.cumulative(critical, freedom, away)
          + NoncentralT.cumulative(-critical, freedom, away);
    }
  }

  /**
   * {@return the fewest blocks, two at least, whose power is reached; nothing where fifty do not}
   * Two-sided t with the error of a trial in blocks; power by the noncentral t.
   *
   * @param wanted what is to be seen
   * @param power chance to see it, above 0 and below 1
   * @param risk of seeing one that is not there, likewise
   * @throws Refused when a chance is none
   */
  public static OptionalInt needed(Wanted wanted, double power, double risk) {
    chance("power", power);
    chance("risk", risk);
    for (int r = 2; r <= MOST; r++) {
      if (wanted.power(r, risk) >= power) {
        return OptionalInt.of(r);
      }
    }
    return OptionalInt.empty();
  }

  /**
   * {@return the fewest blocks that leave six degrees of freedom to tell chance by}
   *
   * @param treatments how many are compared, two at least
   */
  public static int toTellChance(int treatments) {
    return (int) Math.ceil((double) FEW_FREEDOM / (treatments - 1)) + 1;
  }

  private static void chance(String where, double value) {
    if (!(value > 0 && value < 1)) {
      throw new Refused(where, "The %s must lie between 0 and 1.".formatted(where));
    }
  }
}
