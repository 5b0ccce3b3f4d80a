package nimblefurrow.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.money.PartialBudget.Item;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;

class PartialBudgetTest {
  private static Item sure(String name, double amount) {
    return new Item(name, amount, null, null);
  }

  /** By hand: gain 60 + 35, loss 5 + 48; the seed may cost 90 before nothing is won. */
  @Test
  void onlyWhatChangesIsCounted() {
    PartialBudget b =
        PartialBudget.of(
            List.of(new Item("yield", 60, 20.0, 90.0)),
            List.of(sure("herbicide", 35)),
            List.of(sure("straw", 5)),
            List.of(new Item("seed", 48, 40.0, 70.0)));
    assertThat(b.gainPerHa()).isEqualTo(95);
    assertThat(b.lossPerHa()).isEqualTo(53);
    assertThat(b.netPerHa()).isEqualTo(42);
    assertThat(b.breakEven())
        .containsExactly(
            new PartialBudget.BreakEven("yield", 18),
            new PartialBudget.BreakEven("herbicide", -7),
            new PartialBudget.BreakEven("straw", 47),
            new PartialBudget.BreakEven("seed", 90));
    assertThat(b.bars())
        .containsExactly(
            new PartialBudget.Bar("yield", 2, 72), new PartialBudget.Bar("seed", 50, 20));
  }

  @Test
  void atItsBreakEvenAnItemBringsTheNetToNought() {
    Random random = new Random(3);
    for (int n = 0; n < 200; n++) {
      List<List<Item>> parts = new ArrayList<>();
      for (int p = 0; p < 4; p++) {
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < random.nextInt(4); i++) {
          items.add(sure(p + "." + i, 100 * random.nextDouble()));
        }
        parts.add(items);
      }
      PartialBudget b = PartialBudget.of(parts.get(0), parts.get(1), parts.get(2), parts.get(3));
      int k = 0;
      for (int p = 0; p < 4; p++) {
        for (Item i : parts.get(p)) {
          double moved = b.breakEven().get(k++).amountPerHa() - i.amountPerHa();
          double net = b.netPerHa() + (p < 2 ? moved : -moved);
          assertThat(net).isCloseTo(0, within(1e-9));
        }
      }
      assertThat(b.breakEven()).hasSize(k);
      assertThat(b.bars()).isEmpty();
    }
  }

  @Test
  void nonsenseIsRefusedAtItsItem() {
    refused(new Item("", 1, null, null), "addedCost[0].name");
    refused(sure("seed", -0.01), "addedCost[0].amountPerHa");
    refused(sure("seed", Double.NaN), "addedCost[0].amountPerHa");
    refused(new Item("seed", 5, 1.0, null), "addedCost[0].low");
    refused(new Item("seed", 5, 5.01, 9.0), "addedCost[0].low");
    refused(new Item("seed", 5, 1.0, 4.99), "addedCost[0].low");
    assertThat(
            PartialBudget.of(
                    List.of(), List.of(), List.of(), List.of(new Item("seed", 5, 5.0, 5.0)))
                .netPerHa())
        .isEqualTo(-5);
  }

  private static void refused(Item item, String where) {
    assertThatThrownBy(() -> PartialBudget.of(List.of(), List.of(), List.of(), List.of(item)))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
  }
}
