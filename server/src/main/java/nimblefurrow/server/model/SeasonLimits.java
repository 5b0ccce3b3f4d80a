package nimblefurrow.server.model;

import java.util.List;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/** What the season's door takes: days as weather has them, and no more of them than a season. */
final class SeasonLimits {
  private static final int MOST_DAYS = 1100;
  private static final int MOST_COMPONENTS = 12;
  private static final int MOST_ENDINGS = 20;
  private static final double COLDEST_C = -70;
  private static final double HOTTEST_C = 65;
  private static final double WETTEST_MM = 1000;
  private static final double WINDIEST_M_PER_S = 80;

  private SeasonLimits() {}

  static void check(SeasonDoor.Question q) {
    SeasonDoor.Weather w = q.weather();
    int n = w.tminC().length;
    if (n == 0 || n > MOST_DAYS) {
      throw new Refused(
          "weather", "A season's weather is 1 to %,d days; these are %,d.".formatted(MOST_DAYS, n));
    }
    each("weather.tminC", w.tminC(), COLDEST_C, HOTTEST_C, "°C");
    each("weather.tmaxC", w.tmaxC(), COLDEST_C, HOTTEST_C, "°C");
    each("weather.precipMm", w.precipMm(), 0, WETTEST_MM, "mm");
    each("weather.windMs", w.windMs(), 0, WINDIEST_M_PER_S, "m/s");
    each("weather.dewPointC", w.dewPointC(), COLDEST_C - 20, HOTTEST_C, "°C");
    most("cover", q.cover().size(), MOST_COMPONENTS, "species");
    if (q.endings() != null) {
      most("endings", q.endings().size(), MOST_ENDINGS, "acts");
    }
    if (q.before() != null && q.before().cover() != null) {
      most("before.cover", q.before().cover().size(), MOST_COMPONENTS, "species");
    }
    if (q.before() != null && q.before().endings() != null) {
      most("before.endings", q.before().endings().size(), MOST_ENDINGS, "acts");
    }
    SeasonDoor.Termination t = q.termination();
    if (t != null && !t.way().equals("roll") && !t.way().equals("kill")) {
      throw new Refused("termination.way", "The cover is ended by “roll” or “kill”.");
    }
    SeasonDoor.Crop c = q.cashCrop();
    if (c != null) {
      within("cashCrop.relativeMaturityDays", c.relativeMaturityDays(), 60, 140);
      within("cashCrop.maturityGroup", c.maturityGroup(), -3, 10);
      within("cashCrop.moistureTargetPercent", c.moistureTargetPercent(), 10, 40);
      within("cashCrop.rowSpacingM", c.rowSpacingM(), 0.05, 3);
      within("cashCrop.rowSpacingCm", c.rowSpacingCm(), 5, 300);
    }
  }

  private static void most(String where, int there, int most, String what) {
    if (there > most) {
      throw new Refused(
          where, "At most %d %s are taken; these are %d.".formatted(most, what, there));
    }
  }

  private static void within(String where, @Nullable Double value, double low, double high) {
    if (value != null && !(value >= low && value <= high)) {
      throw new Refused(where, "%s is %s to %s; it is %s.".formatted(where, low, high, value));
    }
  }

  private static void each(String where, double[] values, double low, double high, String unit) {
    for (int i = 0; i < values.length; i++) {
      one(where, i, values[i], low, high, unit);
    }
  }

  private static void each(
      String where, @Nullable List<@Nullable Double> values, double low, double high, String unit) {
    for (int i = 0; values != null && i < values.size(); i++) {
      Double value = values.get(i);
      if (value != null) {
        one(where, i, value, low, high, unit);
      }
    }
  }

  private static void one(String where, int i, double value, double low, double high, String unit) {
    if (!(value >= low && value <= high)) {
      throw new Refused(
          "%s[%d]".formatted(where, i),
          "%s %s on day %d cannot be; it is %.0f to %.0f."
              .formatted(value, unit, i + 1, low, high));
    }
  }
}
