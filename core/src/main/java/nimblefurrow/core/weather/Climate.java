package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Spread;

/**
 * What a station's whole past years say about dates that bound seeding. Days are counted from 1
 * January, warmth in °C·day.
 */
public final class Climate {
  private static final double KILLING_FROST_C = -2.2;
  private static final double HEAT_BASE_C = 4;
  private static final int AFTER_MIDSUMMER = 200;

  private final List<double[]> heatToYearEnd = new ArrayList<>();
  private final double[] killingFrost;
  private final Spread freezeThawBegins;
  private final Spread growthStarts;
  private final DailyWeather record;
  private final List<Integer> januaries = new ArrayList<>();

  private Climate(DailyWeather record) {
    this.record = record;
    for (LocalDate day = LocalDate.of(record.start().getYear(), Month.JANUARY, 1);
        !day.plusYears(1).minusDays(1).isAfter(record.end());
        day = day.plusYears(1)) {
      if (!day.isBefore(record.start())) {
        januaries.add(record.indexOf(day));
      }
    }
    if (januaries.isEmpty()) {
      throw new Refused("", "the weather record holds no whole year");
    }
    killingFrost = new double[januaries.size()];
    double[] freezes = new double[januaries.size()];
    double[] grows = new double[januaries.size()];
    for (int y = 0; y < januaries.size(); y++) {
      int january = januaries.get(y);
      killingFrost[y] = killingFrost(january);
      heatToYearEnd.add(heatToYearEnd(january));
      freezes[y] = freezeThaw(january);
      grows[y] = growthStarts(january);
    }
    freezeThawBegins = Spread.of(freezes);
    growthStarts = Spread.of(grows);
  }

  /**
   * Reads a record.
   *
   * @param record whole past years
   * @return the climate
   * @throws Refused when it holds no whole year
   */
  public static Climate of(DailyWeather record) {
    return new Climate(record);
  }

  /** {@return the days it was read from} */
  public DailyWeather record() {
    return record;
  }

  /** {@return how many whole years there are} */
  public int years() {
    return januaries.size();
  }

  /** {@return first autumn day at or below −2.2 °C} */
  public Spread killingFrost() {
    return Spread.of(killingFrost);
  }

  /** {@return mean day of the first killing frost, days from 1 January} */
  public double averageKillingFrost() {
    double sum = 0;
    for (double day : killingFrost) {
      sum += day;
    }
    return sum / killingFrost.length;
  }

  /**
   * {@return warmth above 4 °C from a day of the year to 31 December, °C·day}
   *
   * @param dayCount days from 1 January
   */
  public Spread heatFrom(int dayCount) {
    return Spread.of(
        heatToYearEnd.stream()
            .mapToDouble(h -> dayCount < h.length ? h[Math.max(0, dayCount)] : 0)
            .toArray());
  }

  /** {@return first day of late winter from which most days freeze by night and thaw by day} */
  public Spread freezeThawBegins() {
    return freezeThawBegins;
  }

  /**
   * {@return the last day of late winter on which more than a share of the years freeze by night
   * and thaw by day, from the day it begins on; days from 1 January}
   *
   * @param share share, 0..1
   */
  public int freezeThawUntil(double share) {
    int last = 31;
    for (int day = 31; day < 120; day++) {
      int swings = 0;
      for (int january : januaries) {
        for (int d = day - 3; d <= day + 3; d++) {
          swings += swings(january + d) ? 1 : 0;
        }
      }
      if (swings > share * 7 * januaries.size()) {
        last = day;
      }
    }
    return last;
  }

  private boolean swings(int day) {
    return record.tminC(day) < -2 && record.tmaxC(day) > 2;
  }

  /** {@return first day of spring from which a week averages above 5 °C} */
  public Spread growthStarts() {
    return growthStarts;
  }

  private double killingFrost(int january) {
    for (int i = AFTER_MIDSUMMER; i < 365; i++) {
      if (record.tminC(january + i) <= KILLING_FROST_C) {
        return i;
      }
    }
    return 365;
  }

  private double[] heatToYearEnd(int january) {
    double[] heat = new double[366];
    for (int i = 364; i >= 0; i--) {
      heat[i] = heat[i + 1] + Math.max(0, record.meanC(january + i) - HEAT_BASE_C);
    }
    return heat;
  }

  private double freezeThaw(int january) {
    for (int i = 31; i < 110; i++) {
      int swings = 0;
      for (int d = i; d < i + 7; d++) {
        swings += swings(january + d) ? 1 : 0;
      }
      if (swings >= 4) {
        return i;
      }
    }
    return 110;
  }

  private double growthStarts(int january) {
    for (int i = 45; i < 150; i++) {
      double sum = 0;
      for (int d = i; d < i + 7; d++) {
        sum += record.meanC(january + d);
      }
      if (sum / 7 > 5) {
        return i;
      }
    }
    return 150;
  }
}
