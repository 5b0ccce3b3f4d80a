package nimblefurrow.server.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.feed.GrazedGround;
import nimblefurrow.core.feed.GrazingPlan;
import nimblefurrow.core.feed.GrazingStay;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.season.FieldSeasonView;
import nimblefurrow.server.season.FieldSeasonView.LimitKind;
import nimblefurrow.server.season.StockOnCover;
import nimblefurrow.server.support.ReasonView;
import org.springframework.stereotype.Component;

/** Groups of animals as bands on a field's axis, and the days that keep them off. */
@Component
class StockOnAxis implements StockOnCover {
  private final GrazingGroups groups;
  private final GrazedGrounds grounds;

  StockOnAxis(GrazingGroups groups, GrazedGrounds grounds) {
    this.groups = groups;
    this.grounds = grounds;
  }

  @Override
  public List<FieldSeasonView.Limit> of(UUID farmId, Ground g) {
    List<GrazingStay> stays =
        groups
            .findByFarmIdAndPlanIdAndRemovedFalseOrderByInOnAscNameAsc(farmId, g.planId())
            .stream()
            .map(GrazingGroup::stay)
            .toList();
    if (stays.isEmpty() && !g.grazed()) {
      return List.of();
    }
    List<FieldSeasonView.Limit> all = new ArrayList<>();
    for (GrazingStay s : stays) {
      Reason why =
          Reason.of("{head} of {name} on it, {mass} each")
              .with("head", s.head(), Unit.COUNT)
              .with("name", s.name())
              .with("mass", s.headKg(), Unit.KG);
      all.add(new FieldSeasonView.Limit(LimitKind.GRAZED, s.inOn(), s.outOn(), ReasonView.of(why)));
    }
    CoverPlan cover = g.cover();
    GrazedGround ground =
        grounds.of(
            farmId,
            cover,
            g.areaHa(),
            g.log(),
            g.record(),
            day -> Spread.of(new double[] {0}),
            day -> 0);
    for (GrazingPlan.Barred b : GrazingPlan.barred(ground, cover.seedOn(), cover.endOn())) {
      all.add(
          new FieldSeasonView.Limit(
              LimitKind.NO_GRAZING, b.from(), b.to(), ReasonView.of(b.why())));
    }
    return all;
  }
}
