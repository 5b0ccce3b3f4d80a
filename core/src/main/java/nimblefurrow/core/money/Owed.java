package nimblefurrow.core.money;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.record.MoneyWay;

/** What is still open between the farm and others, to the cent. */
public final class Owed {
  private static final double CENTS = 100;

  private Owed() {}

  /**
   * A bill or a payment.
   *
   * @param party the other side, as it was written
   * @param way whether the farm pays or is paid
   * @param bill whether it is a bill; else a payment
   * @param usd amount
   */
  public record Booking(String party, MoneyWay way, boolean bill, double usd) {}

  /**
   * What stands between the farm and one other, one way.
   *
   * @param party as it was written last
   * @param way whether the farm pays or is paid
   * @param billedCents of all bills
   * @param paidCents of all payments
   */
  public record Account(String party, MoneyWay way, long billedCents, long paidCents) {
    /** {@return what is still to be paid; below nought where more was paid than billed} */
    public long openCents() {
      return billedCents - paidCents;
    }

    /** {@return what is still to be paid, USD} */
    public double openUsd() {
      return openCents() / CENTS;
    }

    /** {@return all bills, USD} */
    public double billedUsd() {
      return billedCents / CENTS;
    }

    /** {@return all payments, USD} */
    public double paidUsd() {
      return paidCents / CENTS;
    }
  }

  private record Side(String party, MoneyWay way) {}

  /**
   * {@return the accounts with all others, what the farm is to be paid first, the largest open
   * first}
   *
   * <p>Names that differ in capitals and spaces alone are of one party.
   *
   * @param bookings in their order
   */
  public static List<Account> of(Collection<Booking> bookings) {
    Map<Side, Account> all = new LinkedHashMap<>();
    for (Booking b : bookings) {
      String party = b.party().strip().replaceAll("\\s+", " ");
      long cents = Math.round(b.usd() * CENTS);
      all.merge(
          new Side(party.toLowerCase(Locale.ROOT), b.way()),
          new Account(party, b.way(), b.bill() ? cents : 0, b.bill() ? 0 : cents),
          (a, more) ->
              new Account(
                  more.party(),
                  a.way(),
                  a.billedCents() + more.billedCents(),
                  a.paidCents() + more.paidCents()));
    }
    return all.values().stream()
        .sorted(
            Comparator.comparing((Account a) -> a.way() == MoneyWay.PAYS)
                .thenComparing(a -> -a.openCents())
                .thenComparing(Account::party))
        .toList();
  }
}
