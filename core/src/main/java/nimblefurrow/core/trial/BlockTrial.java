package nimblefurrow.core.trial;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.apache.commons.statistics.distribution.FDistribution;
import org.apache.commons.statistics.distribution.TDistribution;
import org.jspecify.annotations.Nullable;

/**
 * What strips in blocks say of their treatments: the analysis of variance with blocks first and
 * treatments after them, means by least squares where a strip is lost.
 *
 * <p>Source: Cochran and Cox 1957, Experimental Designs, chapter 4; least-squares means after
 * Searle, Speed and Milliken 1980, The American Statistician 34, 216-221.
 *
 * @param treatments in the order they first stand in
 * @param anova where the variation is
 * @param differences of each pair
 * @param lsd the least difference that is likely none of chance; null where strips are lost
 * @param cv error of a strip as a share of the mean
 */
public record BlockTrial(
    List<Treatment> treatments,
    Anova anova,
    List<Difference> differences,
    @Nullable Double lsd,
    double cv) {
  /** Differences smaller than this share of the mean are rounding. */
  private static final double ROUNDING = 1e-12;

  /**
   * One strip.
   *
   * @param block it stands in
   * @param treatment it had
   * @param value what was measured; null where the strip is lost
   */
  public record Strip(String block, String treatment, @Nullable Double value) {}

  /**
   * One treatment.
   *
   * @param name of it
   * @param n strips that count
   * @param mean as if no strip were lost
   * @param standardError of the mean
   */
  public record Treatment(String name, int n, double mean, double standardError) {}

  /** Sums of squares, degrees of freedom, and how often chance alone brings such an F. */
  public record Anova(
      double treatmentSs,
      double blockSs,
      double errorSs,
      int treatmentDf,
      int blockDf,
      int errorDf,
      double f,
      double p) {
    double errorMs() {
      return errorSs / errorDf;
    }
  }

  /**
   * {@code a} less {@code b}.
   *
   * @param low with the confidence asked for it is not less
   * @param high nor more
   * @param p how often chance alone brings one as far from none
   */
  public record Difference(
      String a, String b, double difference, double low, double high, double p) {}

  /** Copies are kept. */
  public BlockTrial {
    treatments = List.copyOf(treatments);
    differences = List.copyOf(differences);
  }

  /**
   * {@return what strips say}
   *
   * @param strips of one trial and one year
   * @param confidence of the intervals, above 0 and below 1
   * @throws Refused when there are too few to tell chance from difference
   */
  public static BlockTrial of(List<Strip> strips, double confidence) {
    Need.confidence(confidence);
    List<Strip> there = there(strips);
    List<String> blocks = names(there.stream().map(Strip::block).toList());
    List<String> treatments = names(there.stream().map(Strip::treatment).toList());
    require(blocks.size() >= 2, "A trial needs two blocks at least, else chance cannot be told.");
    require(treatments.size() >= 2, "A trial compares two treatments at least.");
    int errorDf = there.size() - blocks.size() - treatments.size() + 1;
    require(errorDf >= 1, "Too many strips are lost: nothing is left to tell chance by.");
    TwoWayFit fit = TwoWayFit.of(there, blocks, treatments);
    double mean = there.stream().mapToDouble(BlockTrial::value).average().orElseThrow();
    require(
        fit.errorSs() > ROUNDING * fit.totalSs(),
        "The strips differ from block to block all alike: there is no chance to judge by. Look"
            + " whether numbers were copied.");
    Anova anova = anova(fit, blocks.size() - 1, treatments.size() - 1, errorDf);
    List<Treatment> means = new ArrayList<>();
    for (int t = 0; t < treatments.size(); t++) {
      String name = treatments.get(t);
      int n = (int) there.stream().filter(s -> s.treatment().equals(name)).count();
      means.add(
          new Treatment(name, n, fit.mean(t), Math.sqrt(anova.errorMs() * fit.meanVariance(t))));
    }
    boolean whole = there.size() == blocks.size() * treatments.size();
    double reach = Interval.student(confidence, errorDf);
    return new BlockTrial(
        means,
        anova,
        differences(treatments, fit, anova, reach),
        whole ? reach * Math.sqrt(2 * anova.errorMs() / blocks.size()) : null,
        Math.sqrt(anova.errorMs()) / Math.abs(mean));
  }

  private static Anova anova(TwoWayFit fit, int blockDf, int treatmentDf, int errorDf) {
    double f = fit.treatmentSs() / treatmentDf / (fit.errorSs() / errorDf);
    return new Anova(
        fit.treatmentSs(),
        fit.blockSs(),
        fit.errorSs(),
        treatmentDf,
        blockDf,
        errorDf,
        f,
        FDistribution.of(treatmentDf, errorDf).survivalProbability(f));
  }

  private static List<Difference> differences(
      List<String> names, TwoWayFit fit, Anova anova, double reach) {
    TDistribution chance = TDistribution.of(anova.errorDf());
    List<Difference> all = new ArrayList<>();
    for (int a = 0; a < names.size(); a++) {
      for (int b = a + 1; b < names.size(); b++) {
        double difference = fit.mean(a) - fit.mean(b);
        double error = Math.sqrt(anova.errorMs() * fit.differenceVariance(a, b));
        all.add(
            new Difference(
                names.get(a),
                names.get(b),
                difference,
                difference - reach * error,
                difference + reach * error,
                2 * chance.survivalProbability(Math.abs(difference) / error)));
      }
    }
    return all;
  }

  /** Strips that count; each block has each treatment once. */
  private static List<Strip> there(List<Strip> strips) {
    Set<List<String>> seen = new HashSet<>();
    List<Strip> there = new ArrayList<>();
    for (int i = 0; i < strips.size(); i++) {
      Strip s = strips.get(i);
      String where = "values[" + i + "]";
      if (s.block().isBlank() || s.treatment().isBlank()) {
        throw new Refused(where, "A strip needs its block and its treatment.");
      }
      if (!seen.add(List.of(s.block(), s.treatment()))) {
        throw new Refused(
            where, "%s stands twice in block %s.".formatted(s.treatment(), s.block()));
      }
      if (s.value() != null) {
        Need.number(where + ".value", "What was measured", s.value());
        there.add(s);
      }
    }
    for (Strip s : strips) {
      boolean any = there.stream().anyMatch(o -> o.treatment().equals(s.treatment()));
      require(any, "All strips of %s are lost; leave it out.".formatted(s.treatment()));
    }
    return there;
  }

  private static double value(Strip strip) {
    Double value = strip.value();
    return value == null ? Double.NaN : value;
  }

  private static List<String> names(List<String> all) {
    return List.copyOf(new LinkedHashSet<>(all));
  }

  private static void require(boolean so, String sentence) {
    if (!so) {
      throw new Refused("values", sentence);
    }
  }
}
