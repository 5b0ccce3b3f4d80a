package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.ReasonView;
import org.springframework.stereotype.Component;

/**
 * What binds the days of a cover from outside: an insurer's date, what was sprayed before, animals
 * that graze it and what keeps them off.
 */
@Component
class AxisLimits {
  private static final CarryOver CARRY_OVER = CarryOver.shipped();

  private final FarmRules rules;
  private final StockOnCover stock;

  AxisLimits(FarmRules rules, StockOnCover stock) {
    this.stock = stock;
    this.rules = rules;
  }

  /** In the order in which they come. */
  List<FieldSeasonView.Limit> of(
      UUID farmId, FieldCase c, CoverPlan cover, String ending, DailyWeather record) {
    List<FieldSeasonView.Limit> all = new ArrayList<>();
    CARRY_OVER
        .waits(c.sprayed(), cover.cover().stream().map(CoverComponent::species).toList())
        .forEach(w -> all.add(wait(w)));
    if (!EndingMethod.of(ending).ofItself()) {
      all.add(insurer(rules.of(farmId), c.next()));
    }
    PlanView stored = c.plan();
    if (stored != null) {
      boolean grazed = EndingMethod.of(ending).feeds();
      all.addAll(
          stock.of(
              farmId,
              new StockOnCover.Ground(
                  stored.id(), cover, c.field().areaHa(), grazed, c.log(), record)));
    }
    return all;
  }

  private static FieldSeasonView.Limit wait(CarryOver.Wait w) {
    Reason why =
        Reason.of(
                "{species} waits until {day} for the {group} residual in the ground; the label's"
                    + " rotation section decides")
            .with("species", w.species().name())
            .with("day", w.until())
            .with("group", w.residual());
    return new FieldSeasonView.Limit(
        FieldSeasonView.LimitKind.PLANT_BACK, w.from(), w.until().minusDays(1), ReasonView.of(why));
  }

  private static FieldSeasonView.Limit insurer(EndingRules rules, NextCrop next) {
    LocalDate last = rules.insurer().lastDay(next.plantOn(), rules.emergenceDays());
    Reason why =
        Reason.of("the insurer's last day to end it: {rule}; confirm with your agent")
            .with("rule", rules.insurer().words());
    return new FieldSeasonView.Limit(
        FieldSeasonView.LimitKind.INSURER, last, last, ReasonView.of(why));
  }
}
