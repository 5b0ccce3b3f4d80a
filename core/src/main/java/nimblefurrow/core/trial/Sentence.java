package nimblefurrow.core.trial;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Comparator;

/** What a trial says, in a sentence a grower would say; never “proven”. */
public final class Sentence {
  private static final int DIGITS = 3;
  private static final double RARE = 0.001;
  private static final double ROUNDING = 1e-9;

  private Sentence() {}

  /**
   * {@return the sentence of the two treatments that are farthest apart}
   *
   * @param trial what strips say
   * @param confidence of its intervals
   */
  public static String of(BlockTrial trial, double confidence) {
    BlockTrial.Difference d =
        trial.differences().stream()
            .max(Comparator.comparingDouble(x -> Math.abs(x.difference())))
            .orElseThrow();
    boolean more = d.difference() >= 0;
    double low = more ? d.low() : -d.high();
    double high = more ? d.high() : -d.low();
    String between =
        low >= 0
            ? "between %s and %s".formatted(said(low), said(high))
            : "from %s less to %s more".formatted(said(-low), said(high));
    return "%s came to %s more than %s, %s %s; a difference like that by chance: %s."
        .formatted(
            more ? d.a() : d.b(),
            said(Math.abs(d.difference())),
            more ? d.b() : d.a(),
            between,
            often(confidence),
            chance(d.p()));
  }

  private static String often(double confidence) {
    long of20 = Math.round(confidence * 20);
    boolean told = Math.abs(confidence * 20 - of20) < ROUNDING;
    if (told && of20 == 18) {
      return "nine times in ten";
    }
    return told
        ? of20 + " times in 20"
        : Math.round(confidence * 1000) / 10.0 + " times in a hundred";
  }

  /** A chance as one in so many. */
  static String chance(double p) {
    if (p < RARE) {
      return "less than one in a thousand";
    }
    return p > 0.5 ? "more likely than not" : "about one in " + Math.round(1 / p);
  }

  private static String said(double value) {
    return new BigDecimal(value)
        .round(new MathContext(DIGITS))
        .stripTrailingZeros()
        .toPlainString();
  }
}
