package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.time.Month;
import java.util.function.IntFunction;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropColumns;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.Sky;

/**
 * Whether the next crop makes black layer (corn) or R7 (soybeans) before the killing frost, in how
 * many past years, were it planted on a day of the year.
 *
 * @param years past years that were tried
 * @param ripe in how many it was ripe before frost
 * @param daysToSpare from ripe to frost, of the years in which it ripened
 */
public record CropRipens(int years, int ripe, Spread daysToSpare) {
  /** The model takes a crop for done at this frost, ripe or not. */
  private static final double KILLING_FROST_C = -2;

  private static final int AFTER_MIDSUMMER = 200;

  /**
   * Grows the crop in every past calendar year.
   *
   * @param model season model
   * @param cropOf the crop planted on the same day of a year
   * @param past years of weather
   * @param place where the station stands
   * @return the crop ripens
   */
  public static CropRipens of(
      SeasonModel model, IntFunction<CashCrop> cropOf, DailyWeather past, Place place) {
    int first = past.start().getYear() + (past.start().getDayOfYear() > 1 ? 1 : 0);
    int last = past.end().getYear() - (past.end().getMonth() == Month.DECEMBER ? 0 : 1);
    int ripe = 0;
    java.util.List<Double> spare = new java.util.ArrayList<>();
    for (int year = first; year <= last; year++) {
      Sky sky = Sky.over(past.slice(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31)), place);
      CropColumns grown = model.crop(cropOf.apply(year), sky);
      int frost = killingFrost(sky.weather());
      int mature = grown.matureIndex();
      if (mature >= 0 && mature < frost) {
        spare.add((double) (frost - mature));
        ripe++;
      }
    }
    return new CropRipens(
        Math.max(0, last - first + 1),
        ripe,
        Spread.of(spare.stream().mapToDouble(Double::doubleValue).toArray()));
  }

  private static int killingFrost(DailyWeather year) {
    int i = AFTER_MIDSUMMER;
    while (i < year.days() && year.tminC(i) > KILLING_FROST_C) {
      i++;
    }
    return i;
  }
}
