package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import nimblefurrow.core.money.OwnOrHire;
import nimblefurrow.core.money.PartialBudget;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a change brings, and what a machine costs. */
@RestController
@RequestMapping("/api/bench")
class MoneyBench {
  /** Parts that are left out hold nothing. */
  @Schema(
      example =
          "{\"addedIncome\":[{\"name\":\"yield\",\"amountPerHa\":60,\"low\":20,\"high\":90}],"
              + "\"reducedCost\":[{\"name\":\"herbicide\",\"amountPerHa\":35}],\"reducedIncome\":[],"
              + "\"addedCost\":[{\"name\":\"seed\",\"amountPerHa\":48}]}")
  record BudgetQuestion(
      @Nullable List<PartialBudget.Item> addedIncome,
      @Nullable List<PartialBudget.Item> reducedCost,
      @Nullable List<PartialBudget.Item> reducedIncome,
      @Nullable List<PartialBudget.Item> addedCost) {}

  /** What it comes to. */
  record BudgetAnswer(
      double gainPerHa,
      double lossPerHa,
      double netPerHa,
      List<PartialBudget.BreakEven> breakEven,
      List<PartialBudget.Bar> bars) {}

  @PostMapping("/partial-budget")
  BudgetAnswer partialBudget(@RequestBody BudgetQuestion q) {
    PartialBudget b =
        PartialBudget.of(
            items(q.addedIncome()),
            items(q.reducedCost()),
            items(q.reducedIncome()),
            items(q.addedCost()));
    return new BudgetAnswer(b.gainPerHa(), b.lossPerHa(), b.netPerHa(), b.breakEven(), b.bars());
  }

  private static List<PartialBudget.Item> items(@Nullable List<PartialBudget.Item> part) {
    return part == null ? List.of() : part;
  }

  @Schema(
      example =
          "{\"price\":60000,\"lifeYears\":12,\"salvage\":15000,\"interest\":0.07,\"fixedPerYear\":900,"
              + "\"variablePerHa\":22,\"hirePerHa\":45,\"areaHaPerYear\":300}")
  record OwnQuestion(
      double price,
      double lifeYears,
      double salvage,
      double interest,
      double fixedPerYear,
      double variablePerHa,
      double hirePerHa,
      double areaHaPerYear) {}

  /** What is cheaper, {@code own} or {@code hire}. */
  record OwnAnswer(
      double capitalPerYear, double ownPerHa, @Nullable Double breakEvenHa, String cheaper) {}

  @PostMapping("/own-or-hire")
  OwnAnswer ownOrHire(@RequestBody OwnQuestion q) {
    OwnOrHire o =
        OwnOrHire.of(
            new OwnOrHire.Machine(
                q.price(),
                q.lifeYears(),
                q.salvage(),
                q.interest(),
                q.fixedPerYear(),
                q.variablePerHa()),
            q.hirePerHa(),
            q.areaHaPerYear());
    return new OwnAnswer(
        o.capitalPerYear(), o.ownPerHa(), o.breakEvenHa(), o.own() ? "own" : "hire");
  }
}
