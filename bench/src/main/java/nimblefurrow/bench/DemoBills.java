package nimblefurrow.bench;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.record.MoneyWay;
import org.jspecify.annotations.Nullable;

/**
 * Bills and payments of the demonstration's covers: seed bought, spraying hired before the farm had
 * a sprayer, and what the district pays for ground that stays green over winter. Prices are those
 * that ship, moved by luck.
 */
final class DemoBills {
  private static final String SEED_DEALER = "Co-op A";
  private static final String APPLICATOR = "Hired spray crew";
  private static final String DISTRICT = "Soil district";

  /** The farm sprays itself from this season on. */
  private static final int OWN_SPRAYER = 2025;

  /** What the district pays for a winter-hardy cover, $/ha: 20 $ an acre. */
  private static final double GREEN_USD_PER_HA = 20 / 0.40468564224;

  /** Days from the work to its bill, and from the bill to its payment. */
  private static final int BILL_DAYS = 12;

  private static final int PAYMENT_DAYS = 21;

  /** What would be paid from this day on is still open. */
  private static final LocalDate OPEN_FROM = LocalDate.of(2026, 6, 10);

  private final Random luck;
  private final PriceBook prices = PriceBook.shipped();

  DemoBills(Random luck) {
    this.luck = luck;
  }

  /**
   * What is written down of a cover's money, as entries of its log; amounts are per hectare.
   *
   * @param season the cover's
   * @param ended null where it ends of itself
   */
  String of(
      int season,
      List<CoverComponent> seed,
      LocalDate seeded,
      String ending,
      @Nullable LocalDate ended) {
    double cost =
        seed.stream().mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg()).sum();
    StringBuilder log = new StringBuilder();
    settled(log, seeded, MoneyWay.PAYS, SEED_DEALER, MoneyPart.SEED, moved(cost));
    boolean sprayed = ending.equals("sprayEarly");
    if (ended != null && sprayed && season < OWN_SPRAYER) {
      double pass = moved(prices.usd(Priced.SPRAYING));
      settled(log, ended, MoneyWay.PAYS, APPLICATOR, MoneyPart.ENDING, pass);
    }
    if (ended != null) {
      settled(log, ended, MoneyWay.IS_PAID, DISTRICT, MoneyPart.PAYMENT, GREEN_USD_PER_HA);
    }
    return log.toString();
  }

  private double moved(double usd) {
    return usd * (0.96 + 0.1 * luck.nextDouble());
  }

  private static void settled(
      StringBuilder log, LocalDate work, MoneyWay way, String party, MoneyPart part, double usd) {
    LocalDate bill = work.plusDays(BILL_DAYS);
    entry(log, bill, LogKind.BILL, "way:%s,party:%s,for:%s".formatted(way, party, part), usd);
    LocalDate paid = bill.plusDays(PAYMENT_DAYS);
    if (paid.isBefore(OPEN_FROM)) {
      entry(log, paid, LogKind.PAYMENT, "way:%s,party:%s".formatted(way, party), usd);
    }
  }

  private static void entry(
      StringBuilder log, LocalDate day, LogKind kind, String names, double usdPerHa) {
    log.append(String.format(Locale.ENGLISH, ";%s|%s||%s|%.4f", day, kind, names, usdPerHa));
  }
}
