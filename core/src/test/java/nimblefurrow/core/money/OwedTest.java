package nimblefurrow.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.record.MoneyWay;
import org.junit.jupiter.api.Test;

class OwedTest {
  private static Owed.Booking bill(String party, MoneyWay way, double usd) {
    return new Owed.Booking(party, way, true, usd);
  }

  private static Owed.Booking paid(String party, MoneyWay way, double usd) {
    return new Owed.Booking(party, way, false, usd);
  }

  @Test
  void whatWasPaidIsTakenOffWhatWasBilledWithEachAndEachWay() {
    List<Owed.Account> all =
        Owed.of(
            List.of(
                bill("Flying service", MoneyWay.PAYS, 1200.10),
                bill("Neighbour", MoneyWay.IS_PAID, 300),
                paid("flying  service ", MoneyWay.PAYS, 700.05),
                bill("Neighbour", MoneyWay.PAYS, 50),
                bill("Landlord", MoneyWay.IS_PAID, 450)));
    assertThat(all)
        .extracting(Owed.Account::party)
        .containsExactly("Landlord", "Neighbour", "flying service", "Neighbour");
    assertThat(all.get(2).billedCents()).isEqualTo(120_010);
    assertThat(all.get(2).openUsd()).isEqualTo(500.05);
    assertThat(all.get(2).paidUsd()).isEqualTo(700.05);
    assertThat(all.get(3).way()).isEqualTo(MoneyWay.PAYS);
    assertThat(all.get(3).billedUsd()).isEqualTo(50);
  }

  @Test
  void moreThanBilledStandsBelowNought() {
    assertThat(Owed.of(List.of(paid("Mill", MoneyWay.IS_PAID, 0.01))).get(0).openCents())
        .isEqualTo(-1);
    assertThat(Owed.of(List.of())).isEmpty();
  }

  @Test
  void tenThousandBookingsSumToTheCent() {
    Random random = new Random(7);
    List<Owed.Booking> all = new ArrayList<>();
    long cents = 0;
    for (int i = 0; i < 10_000; i++) {
      int c = 1 + random.nextInt(1_000_000);
      boolean bill = random.nextBoolean();
      cents += bill ? c : -c;
      all.add(new Owed.Booking("Elevator", MoneyWay.IS_PAID, bill, c / 100.0));
    }
    assertThat(Owed.of(all)).singleElement().extracting(Owed.Account::openCents).isEqualTo(cents);
  }
}
