package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;
import java.util.List;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * What a late planting costs one crop: none up to a day, then a share of the yield that grows along
 * straight lines between four points. Working values in the range of planting-date trials; a farm
 * enters its own.
 *
 * @param crop {@code corn}, {@code soybean} or {@code other}
 * @param bestUntil last day without loss
 * @param lastOn last day on which it is still worth planting
 * @param lossShares share of the yield lost 10, 20, 30 and 45 days later
 * @param yieldMgPerHa usual yield
 * @param usdPerMg usual price
 */
public record LatePlanting(
    String crop,
    MonthDay bestUntil,
    MonthDay lastOn,
    List<Double> lossShares,
    double yieldMgPerHa,
    double usdPerMg) {
  private static final int[] DAYS = {10, 20, 30, 45};

  public LatePlanting {
    lossShares = List.copyOf(lossShares);
    if (lossShares.size() != DAYS.length) {
      throw new Refused("lossShares", "Give the loss after 10, 20, 30 and 45 days.");
    }
    double before = 0;
    for (int i = 0; i < DAYS.length; i++) {
      double loss = lossShares.get(i);
      if (!(loss >= before && loss <= 1)) {
        throw new Refused(
            "lossShares[" + i + "]",
            "The loss after %d days must be between the one before it and 100 %%."
                .formatted(DAYS[i]));
      }
      before = loss;
    }
    if (lastOn.isBefore(bestUntil)) {
      throw new Refused("lastOn", "The last day of planting lies before the best ones end.");
    }
    Need.notNegative("yieldMgPerHa", "The usual yield", yieldMgPerHa);
    Need.notNegative("usdPerMg", "The price", usdPerMg);
  }

  /** {@return what the crop is sold at} */
  public Priced priced() {
    return priced(crop);
  }

  /**
   * {@return what a crop of the curves is sold at}
   *
   * @param crop {@code corn}, {@code soybean} or any other
   */
  static Priced priced(String crop) {
    return crop.equals(NextCrop.Kind.CORN.key())
        ? Priced.CORN
        : crop.equals(NextCrop.Kind.SOYBEAN.key()) ? Priced.SOYBEAN : Priced.OTHER_CROP;
  }

  /**
   * {@return the same at another price}
   *
   * @param usd US dollars per Mg
   */
  public LatePlanting sold(double usd) {
    return new LatePlanting(crop, bestUntil, lastOn, lossShares, yieldMgPerHa, usd);
  }

  /**
   * {@return share of the yield lost by planting on a day, 0..1}
   *
   * @param plantOn planting of the next crop
   */
  public double lossShare(LocalDate plantOn) {
    long late = ChronoUnit.DAYS.between(bestUntil.atYear(plantOn.getYear()), plantOn);
    if (late <= 0) {
      return 0;
    }
    int day = 0;
    double loss = 0;
    for (int i = 0; i < DAYS.length; i++) {
      if (late <= DAYS[i]) {
        return loss + (lossShares.get(i) - loss) * (late - day) / (DAYS[i] - day);
      }
      day = DAYS[i];
      loss = lossShares.get(i);
    }
    int last = DAYS.length - 1;
    double slope =
        (lossShares.get(last) - lossShares.get(last - 1)) / (DAYS[last] - DAYS[last - 1]);
    return Math.min(1, loss + slope * (late - day));
  }

  /**
   * {@return whether a day lies beyond the last on which the crop is worth planting}
   *
   * @param plantOn planting of the next crop
   */
  public boolean tooLate(LocalDate plantOn) {
    return plantOn.isAfter(lastOn.atYear(plantOn.getYear()));
  }

  /**
   * {@return money lost by planting on a day, US dollars per ha}
   *
   * @param plantOn planting of the next crop
   */
  public double usdPerHa(LocalDate plantOn) {
    return lossShare(plantOn) * yieldMgPerHa * usdPerMg;
  }
}
