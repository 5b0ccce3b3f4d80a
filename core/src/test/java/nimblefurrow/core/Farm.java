package nimblefurrow.core;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.money.AccountBasis;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.weather.Climate;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Station;
import nimblefurrow.core.weather.WeatherEnsemble;

/** What many tests need: the shipped station and one autumn on it. */
public final class Farm {
  public static final SeasonModel MODEL = SeasonModel.shipped();
  public static final SpeciesTable SPECIES = SpeciesTable.shipped();
  public static final DailyWeather RECORD = Station.shipped().get(0).record();
  public static final Climate CLIMATE = Climate.of(RECORD);
  public static final WeatherEnsemble SKIES =
      WeatherEnsemble.join(
          2026, LocalDate.of(2026, 1, 1), RECORD, null, Station.shipped().get(0).place());
  public static final CashCrop CORN =
      new CashCrop.Corn(LocalDate.of(2026, 5, 4), 108, null, false, 20);
  public static final CashCrop SOYBEAN =
      new CashCrop.Soybean(LocalDate.of(2026, 5, 14), 2.6, 0.76, null);
  public static final CashCrop WHEAT = new CashCrop.SmallGrain(LocalDate.of(2026, 7, 12));

  /** Twenty hectares without a machine, at the rules and prices that ship. */
  public static final AccountBasis BASIS =
      new AccountBasis(20, List.of(), EndingRules.shipped(), PriceBook.shipped(), true, false);

  private Farm() {}

  public static CropSeasons seasons(CashCrop crop) {
    return CropSeasons.grow(MODEL, crop, SKIES);
  }

  public static Species species(String id) {
    return SPECIES.get(id);
  }

  public static CoverComponent seed(String id, double rateKgPerHa) {
    return new CoverComponent(species(id), rateKgPerHa, 0.9, 0.98, null);
  }

  public static CoverPlan plan(SeedingMethod method, LocalDate seedOn, CoverComponent... cover) {
    return new CoverPlan(
        Soil.USUAL,
        FieldStart.USUAL,
        List.of(cover),
        method,
        seedOn,
        LocalDate.of(2027, 5, 20),
        LocalDate.of(2027, 5, 20));
  }
}
