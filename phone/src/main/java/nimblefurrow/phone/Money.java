package nimblefurrow.phone;

import java.util.List;
import java.util.stream.Collectors;
import nimblefurrow.core.money.OwnOrHire;
import nimblefurrow.core.money.PartialBudget;

/** What a change brings, and what a machine costs. */
final class Money {
  private Money() {}

  static Answer budget(Question q) {
    PartialBudget b =
        PartialBudget.of(
            items(q, "addedIncome"),
            items(q, "reducedCost"),
            items(q, "reducedIncome"),
            items(q, "addedCost"));
    return new Answer()
        .with("gainPerHa", b.gainPerHa())
        .with("lossPerHa", b.lossPerHa())
        .with("netPerHa", b.netPerHa())
        .with(
            "breakEven",
            b.breakEven().stream()
                .map(e -> new Answer().with("name", e.name()).with("amountPerHa", e.amountPerHa()))
                .collect(Collectors.toList()))
        .with(
            "bars",
            b.bars().stream()
                .map(
                    bar ->
                        new Answer()
                            .with("name", bar.name())
                            .with("netAtLow", bar.netAtLow())
                            .with("netAtHigh", bar.netAtHigh()))
                .collect(Collectors.toList()));
  }

  private static List<PartialBudget.Item> items(Question q, String part) {
    return q.parts(part).stream()
        .map(
            i ->
                new PartialBudget.Item(
                    i.text("name"), i.number("amountPerHa"), i.maybe("low"), i.maybe("high")))
        .collect(Collectors.toList());
  }

  static Answer ownOrHire(Question q) {
    OwnOrHire o =
        OwnOrHire.of(
            new OwnOrHire.Machine(
                q.number("price"),
                q.number("lifeYears"),
                q.number("salvage"),
                q.number("interest"),
                q.number("fixedPerYear"),
                q.number("variablePerHa")),
            q.number("hirePerHa"),
            q.number("areaHaPerYear"));
    return new Answer()
        .with("capitalPerYear", o.capitalPerYear())
        .with("ownPerHa", o.ownPerHa())
        .with("breakEvenHa", o.breakEvenHa())
        .with("cheaper", o.own() ? "own" : "hire");
  }
}
