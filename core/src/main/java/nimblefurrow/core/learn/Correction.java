package nimblefurrow.core.learn;

import java.util.List;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * By what a farm's forecasts are to be multiplied: the mean of the logarithms of seen over
 * predicted, drawn toward no correction as far as there are few records. The posterior of a normal
 * mean with a normal prior at nought (Gelman et al. 2013, Bayesian Data Analysis, ch. 2).
 *
 * @param n records
 * @param factor by which a forecast is multiplied
 * @param low lower end of the factor's 90 % range
 * @param high upper end
 */
public record Correction(int n, double factor, double low, double high) {
  /** How far a farm's own factor lies from none before anything is known, as a logarithm. */
  public static final double USUAL_PRIOR_SD = 0.25;

  /** How far one record lies from its farm's factor, as a logarithm. */
  public static final double USUAL_NOISE_SD = 0.3;

  /** From so many records on forecasts are corrected without being asked. Working value. */
  public static final int APPLIED_FROM = 3;

  private static final double NINETY = 1.645;
  private static final double EIGHTY = 1.2816;
  private static final double WIDEST_SD = 5;

  /**
   * What was said and what came.
   *
   * @param predicted in any unit, above zero
   * @param actual in the same unit, above zero
   */
  public record Pair(double predicted, double actual) {}

  /**
   * {@return the correction of records}
   *
   * @param pairs records; none leaves forecasts as they are
   * @param priorSd of the farm's factor, as a logarithm
   * @param noiseSd of one record, as a logarithm
   * @throws Refused when a figure is not above zero, or a spread makes no sense
   */
  public static Correction of(List<Pair> pairs, double priorSd, double noiseSd) {
    return of(pairs, 1, priorSd, noiseSd);
  }

  /**
   * {@return the correction of records of a part of the farm, drawn toward that of the whole}
   *
   * @param pairs records of the part
   * @param whole factor of the farm, above zero
   * @param priorSd of the part's factor about the farm's, as a logarithm
   * @param noiseSd of one record, as a logarithm
   * @throws Refused when a figure is not above zero, or a spread makes no sense
   */
  public static Correction of(List<Pair> pairs, double whole, double priorSd, double noiseSd) {
    Need.positive("whole", "The farm's factor", whole);
    spread("priorSd", "The spread of farms", priorSd);
    spread("noiseSd", "The spread of records", noiseSd);
    double sum = 0;
    for (int i = 0; i < pairs.size(); i++) {
      Pair p = pairs.get(i);
      Need.positive("pairs[" + i + "].predicted", "What was predicted", p.predicted());
      Need.positive("pairs[" + i + "].actual", "What was seen", p.actual());
      sum += Math.log(p.actual() / p.predicted());
    }
    double noise = noiseSd * noiseSd;
    double prior = priorSd * priorSd;
    double weight = pairs.size() / noise + 1 / prior;
    double mean = (sum / noise + Math.log(whole) / prior) / weight;
    double off = NINETY / Math.sqrt(weight);
    return new Correction(pairs.size(), Math.exp(mean), Math.exp(mean - off), Math.exp(mean + off));
  }

  /**
   * {@return between what what is seen will lie in eight of ten times}
   *
   * @param predicted without the correction
   * @param noiseSd of one record, as a logarithm
   */
  public Interval comes(double predicted, double noiseSd) {
    double own = Math.log(high / factor) / NINETY;
    double off = Math.exp(EIGHTY * Math.hypot(own, noiseSd));
    return new Interval(predicted * factor / off, predicted * factor * off);
  }

  /** {@return whether there are records enough to correct forecasts by it without being asked} */
  public boolean applied() {
    return n >= APPLIED_FROM;
  }

  private static void spread(String where, String what, double value) {
    if (!(value > 0 && value <= WIDEST_SD)) {
      throw new Refused(where, what + " is above 0 and at most 5.");
    }
  }
}
