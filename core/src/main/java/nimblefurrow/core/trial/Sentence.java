package nimblefurrow.core.trial;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Comparator;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** What a trial says, in a sentence a grower would say; never “proven”. */
public final class Sentence {
  private static final int DIGITS = 3;
  private static final double RARE = 0.001;
  private static final double ROUNDING = 1e-9;
  private static final String MORE =
      "{more} came to {by} more than {less}, between {low} and {high} {often};"
          + " a difference like that by chance: {chance}";
  private static final String PERHAPS_LESS =
      "{more} came to {by} more than {less}, from {low} less to {high} more {often};"
          + " a difference like that by chance: {chance}";

  private Sentence() {}

  /** The two treatments that are farthest apart, the greater first. */
  private record Farthest(String more, String less, double by, double low, double high, double p) {
    static Farthest of(BlockTrial trial) {
      BlockTrial.Difference d =
          trial.differences().stream()
              .max(Comparator.comparingDouble(x -> Math.abs(x.difference())))
              .orElseThrow();
      return d.difference() >= 0
          ? new Farthest(d.a(), d.b(), d.difference(), d.low(), d.high(), d.p())
          : new Farthest(d.b(), d.a(), -d.difference(), -d.high(), -d.low(), d.p());
    }

    String text() {
      return low >= 0 ? MORE : PERHAPS_LESS;
    }
  }

  /**
   * {@return the sentence of the two treatments that are farthest apart, as plain numbers}
   *
   * @param trial what strips say
   * @param confidence of its intervals
   */
  public static String of(BlockTrial trial, double confidence) {
    Farthest f = Farthest.of(trial);
    return f.text()
            .replace("{more}", f.more())
            .replace("{less}", f.less())
            .replace("{by}", said(f.by()))
            .replace("{low}", said(Math.abs(f.low())))
            .replace("{high}", said(f.high()))
            .replace("{often}", often(confidence))
            .replace("{chance}", chance(f.p()))
        + ".";
  }

  /**
   * {@return the same for a reader's units}
   *
   * @param trial what strips say
   * @param confidence of its intervals
   * @param unit of what was measured
   */
  public static Reason of(BlockTrial trial, double confidence, Unit unit) {
    Farthest f = Farthest.of(trial);
    return Reason.of(f.text())
        .with("more", f.more())
        .with("less", f.less())
        .with("by", f.by(), unit)
        .with("low", Math.abs(f.low()), unit)
        .with("high", f.high(), unit)
        .with("often", often(confidence))
        .with("chance", chance(f.p()));
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
