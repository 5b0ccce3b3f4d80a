package nimblefurrow.core.money;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What a change brings: only what it changes is counted. Added income and reduced cost, less
 * reduced income and added cost (Kay, Edwards &amp; Duffy 2016, Farm Management, ch. 12).
 *
 * @param gainPerHa added income and reduced cost
 * @param lossPerHa reduced income and added cost
 * @param breakEven by item, the amount at which nothing is won or lost
 * @param bars of items with a range, the widest first
 */
public record PartialBudget(
    double gainPerHa, double lossPerHa, List<BreakEven> breakEven, List<Bar> bars) {

  /**
   * One item.
   *
   * @param name in the farm's words
   * @param amountPerHa as it is thought to be
   * @param low it may be so little; null where it is certain
   * @param high it may be so much; null likewise
   */
  public record Item(
      String name, double amountPerHa, @Nullable Double low, @Nullable Double high) {}

  /** At what amount of one item the change is worth nothing, all else as thought. */
  public record BreakEven(String name, double amountPerHa) {}

  /** What the change comes to at both ends of one item. */
  public record Bar(String name, double netAtLow, double netAtHigh) {
    double width() {
      return Math.abs(netAtHigh - netAtLow);
    }
  }

  /** {@return what the change brings, below nought where it costs} */
  public double netPerHa() {
    return gainPerHa - lossPerHa;
  }

  /**
   * {@return the budget of a change}
   *
   * @param addedIncome what comes in more
   * @param reducedCost what is spent no more
   * @param reducedIncome what comes in no more
   * @param addedCost what is spent more
   * @throws Refused when an item has no name, or its range does not hold its amount
   */
  public static PartialBudget of(
      List<Item> addedIncome,
      List<Item> reducedCost,
      List<Item> reducedIncome,
      List<Item> addedCost) {
    double gain = sum("addedIncome", addedIncome) + sum("reducedCost", reducedCost);
    double loss = sum("reducedIncome", reducedIncome) + sum("addedCost", addedCost);
    double net = gain - loss;
    List<BreakEven> even = new ArrayList<>();
    List<Bar> bars = new ArrayList<>();
    for (List<Item> gains : List.of(addedIncome, reducedCost)) {
      gains.forEach(i -> add(i, 1, net, even, bars));
    }
    for (List<Item> losses : List.of(reducedIncome, addedCost)) {
      losses.forEach(i -> add(i, -1, net, even, bars));
    }
    bars.sort(Comparator.comparingDouble(Bar::width).reversed());
    return new PartialBudget(gain, loss, List.copyOf(even), List.copyOf(bars));
  }

  private static void add(Item i, int sign, double net, List<BreakEven> even, List<Bar> bars) {
    even.add(new BreakEven(i.name(), i.amountPerHa() - sign * net));
    if (i.low() != null && i.high() != null) {
      bars.add(
          new Bar(
              i.name(),
              net + sign * (i.low() - i.amountPerHa()),
              net + sign * (i.high() - i.amountPerHa())));
    }
  }

  private static double sum(String part, List<Item> items) {
    double sum = 0;
    for (int n = 0; n < items.size(); n++) {
      Item i = items.get(n);
      String at = part + "[" + n + "]";
      if (i.name().isBlank()) {
        throw new Refused(at + ".name", "An item needs a name.");
      }
      sum += Need.notNegative(at + ".amountPerHa", "The amount of " + i.name(), i.amountPerHa());
      boolean half = (i.low() == null) != (i.high() == null);
      boolean holds =
          i.low() == null
              || i.high() == null
              || i.low() <= i.amountPerHa() && i.amountPerHa() <= i.high();
      if (half || !holds) {
        throw new Refused(
            at + ".low", "The range of " + i.name() + " needs both ends, with its amount between.");
      }
    }
    return sum;
  }
}
