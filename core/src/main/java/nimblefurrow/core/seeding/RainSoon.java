package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.WeatherEnsemble;

/** Rain within a week of spreading, which seed on the surface cannot do without. */
public final class RainSoon {
  private static final double ENOUGH_MM = 6;
  private static final int WITHIN_DAYS = 7;

  private RainSoon() {}

  /**
   * For seed that is left on the surface: in how many of the ways the season may go enough rain
   * falls. Days that a forecast knows are its days in all of them.
   *
   * @param window window of the way
   * @param ensemble with the forecast, where there is one
   * @return what was found; nothing when there is none
   */
  public static Optional<Reason> after(Window window, WeatherEnsemble ensemble) {
    SeedingMethod method = window.method();
    if (!method.needsRain() || !window.possible()) {
      return Optional.empty();
    }
    LocalDate opens = window.opens().day();
    LocalDate day = opens.isBefore(ensemble.today()) ? ensemble.today() : opens;
    int wet = 0;
    for (Sky sky : ensemble.ensemble()) {
      wet += fall(sky, day) >= ENOUGH_MM ? 1 : 0;
    }
    return Optional.of(
        Reason.of(
                "seed on the surface needs rain: from {day} on, {years} of {all} years bring {rain}"
                    + " within a week")
            .with("day", day)
            .with("years", wet, Unit.COUNT)
            .with("all", ensemble.years(), Unit.COUNT)
            .with("rain", ENOUGH_MM, Unit.MM));
  }

  private static double fall(Sky sky, LocalDate from) {
    int first = sky.weather().indexOf(from);
    double sum = 0;
    for (int i = first; i < first + WITHIN_DAYS; i++) {
      sum += i >= 0 && i < sky.weather().days() ? sky.weather().precipMm(i) : 0;
    }
    return sum;
  }
}
