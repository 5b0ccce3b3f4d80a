package nimblefurrow.core.units;

import java.util.Locale;

/**
 * What inputs must be, each refused with a sentence. Per cent signs are put together by hand: the
 * compiler for the phone knows no {@code %%} in a format.
 */
public final class Need {
  /** More than any farm has of anything; beyond it sums would run out of range. */
  private static final double MOST = 1e9;

  private Need() {}

  /**
   * {@return any number a machine could show}
   *
   * @param where name of the input, for the refusal
   * @param what what it is, for a sentence
   * @param value value in question
   */
  public static double number(String where, String what, double value) {
    if (!(Math.abs(value) <= MOST)) {
      throw new Refused(where, "%s must be a number below a billion.".formatted(what));
    }
    return value;
  }

  /**
   * {@return above zero, and less than a billion}
   *
   * @param where name of the input, for the refusal
   * @param what what it is, for a sentence
   * @param value value in question
   */
  public static double positive(String where, String what, double value) {
    if (!(value > 0)) {
      throw new Refused(where, "%s must be more than 0; it is %s.".formatted(what, said(value)));
    }
    return number(where, what, value);
  }

  /**
   * {@return zero or more, and less than a billion}
   *
   * @param where name of the input, for the refusal
   * @param what what it is, for a sentence
   * @param value value in question
   */
  public static double notNegative(String where, String what, double value) {
    if (!(value >= 0)) {
      throw new Refused(where, "%s must be 0 or more; it is %s.".formatted(what, said(value)));
    }
    return number(where, what, value);
  }

  /**
   * {@return a share above 0 up to 1}
   *
   * @param where name of the input, for the refusal
   * @param what what it is, for a sentence
   * @param value value in question
   */
  public static double share(String where, String what, double value) {
    if (!(value > 0 && value <= 1)) {
      throw new Refused(
          where, what + " must be above 0 up to 100 %; it is " + said(value * 100) + " %.");
    }
    return value;
  }

  /**
   * {@return how sure an interval is to be: between 50 and 99.9 %}
   *
   * @param value value in question
   */
  public static double confidence(double value) {
    if (!(value >= 0.5 && value <= 0.999)) {
      throw new Refused(
          "confidence",
          "Confidence must be between 50 and 99.9 %; it is " + said(value * 100) + " %.");
    }
    return value;
  }

  private static String said(double value) {
    if (Double.isNaN(value) || Double.isInfinite(value)) {
      return "not a number";
    }
    String text = String.format(Locale.ENGLISH, "%.3f", value);
    return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
  }
}
