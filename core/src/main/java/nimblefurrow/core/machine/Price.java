package nimblefurrow.core.machine;

import org.jspecify.annotations.Nullable;

/**
 * What a machine costs at work, its operator counted.
 *
 * @param usdPerHour own cost or hire; null where none is said
 * @param usdPerHa hire by area; null where none is said
 * @param hired whether it brings its own crew
 */
public record Price(@Nullable Double usdPerHour, @Nullable Double usdPerHa, boolean hired) {
  /**
   * {@return money for a job by its area and hours; the area price first when there is one}
   *
   * @param areaHa area, ha
   * @param hours hours at work
   */
  public double usd(double areaHa, double hours) {
    if (usdPerHa != null) {
      return usdPerHa * areaHa;
    }
    return usdPerHour == null ? 0 : usdPerHour * hours;
  }
}
