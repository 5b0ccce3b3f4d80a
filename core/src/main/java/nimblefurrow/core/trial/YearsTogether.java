package nimblefurrow.core.trial;

import java.util.List;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;

/**
 * One question over several years: each year's difference weighs by how sure it is (inverse
 * variance; Cochran 1954, The combination of estimates from different experiments, Biometrics 10),
 * never by its strips.
 *
 * @param difference of all years together
 * @param low nine times in ten it is not less
 * @param high nor more
 * @param heterogeneity whether the years tell the same
 */
public record YearsTogether(
    double difference, double low, double high, Heterogeneity heterogeneity) {
  private static final double CONFIDENCE = 0.9;

  /** One year's trial. */
  public record Year(double difference, double standardError) {}

  /**
   * How far the years are apart.
   *
   * @param q Cochran's Q
   * @param p how often chance alone sets them so far apart
   * @param i2 share of it that is not chance, 0..1 (Higgins and Thompson 2002)
   */
  public record Heterogeneity(double q, double p, double i2) {}

  /**
   * {@return the years of one question together}
   *
   * @param years their differences, one at least
   * @throws Refused when there is none, or one has no error
   */
  public static YearsTogether of(List<Year> years) {
    if (years.isEmpty()) {
      throw new Refused("years", "There is no year to put together with another.");
    }
    double weight = 0;
    double sum = 0;
    for (int i = 0; i < years.size(); i++) {
      Year y = years.get(i);
      Need.number("years[%d].difference".formatted(i), "A year's difference", y.difference());
      Need.positive("years[%d].standardError".formatted(i), "Its error", y.standardError());
      weight += weight(y);
      sum += weight(y) * y.difference();
    }
    double mean = sum / weight;
    double q = 0;
    for (Year y : years) {
      q += weight(y) * (y.difference() - mean) * (y.difference() - mean);
    }
    double reach = Interval.normal(CONFIDENCE) / Math.sqrt(weight);
    return new YearsTogether(mean, mean - reach, mean + reach, apart(q, years.size() - 1));
  }

  private static double weight(Year year) {
    return 1 / (year.standardError() * year.standardError());
  }

  private static Heterogeneity apart(double q, int freedom) {
    return freedom == 0
        ? new Heterogeneity(0, 1, 0)
        : new Heterogeneity(
            q,
            ChiSquaredDistribution.of(freedom).survivalProbability(q),
            q > freedom ? (q - freedom) / q : 0);
  }
}
