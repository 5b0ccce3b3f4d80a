package nimblefurrow.core.outlook;

import static nimblefurrow.core.units.CsvTable.number;

import java.util.Map;
import java.util.stream.Collectors;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Refused;

/**
 * What a ripe crop loses by standing: nothing for some days, then a share a day, then more. Working
 * values, each with its reason in {@code harvestloss.csv}.
 *
 * @param usdPerHa margin of a crop cut in time, for weighing jobs against each other
 * @param waitsDays days it waits without loss
 * @param lossPerDay share lost a day after that
 * @param thenDays day from which it loses more
 * @param thenLossPerDay share lost a day from then on
 * @param least share that is left whatever happens
 */
public record HarvestLoss(
    double usdPerHa,
    double waitsDays,
    double lossPerDay,
    double thenDays,
    double thenLossPerDay,
    double least) {
  private static final Map<String, HarvestLoss> SHIPPED =
      CsvTable.shipped("harvestloss.csv").stream()
          .collect(
              Collectors.toUnmodifiableMap(
                  r -> r.get("crop"),
                  r ->
                      new HarvestLoss(
                          number(r, "usd_per_ha"),
                          number(r, "waits_days"),
                          number(r, "loss_per_day"),
                          number(r, "then_days"),
                          number(r, "then_loss_per_day"),
                          number(r, "least"))));

  /**
   * {@return the curve of a crop by its key, such as {@code soybean}}
   *
   * @param crop key of the crop
   * @throws Refused when there is none
   */
  public static HarvestLoss of(String crop) {
    HarvestLoss found = SHIPPED.get(crop);
    if (found == null) {
      throw new Refused("crop", "Nothing is known of how “" + crop + "” stands.");
    }
    return found;
  }

  /**
   * {@return share that is left when it is cut so many days after it was ripe, {@link #least} to 1}
   *
   * @param days number of days
   */
  public double left(int days) {
    double slow = Math.max(0, Math.min(days, thenDays) - waitsDays) * lossPerDay;
    double fast = Math.max(0, days - thenDays) * thenLossPerDay;
    return Math.max(least, 1 - slow - fast);
  }
}
