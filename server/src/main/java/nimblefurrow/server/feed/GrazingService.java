package nimblefurrow.server.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.feed.GrazedGround;
import nimblefurrow.core.feed.GrazingPlan;
import nimblefurrow.core.feed.GrazingStay;
import nimblefurrow.core.outlook.FeedOnHand;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.support.Saving;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Groups of animals on covers. Callers have checked who asks. */
@Service
public class GrazingService {
  private static final String AWAY = "This cover has no such group.";

  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;

  private final GrazingGroups groups;
  private final PlannedFields planned;
  private final PlanService plans;
  private final GrazedGrounds grounds;

  GrazingService(
      GrazingGroups groups, PlannedFields planned, PlanService plans, GrazedGrounds grounds) {
    this.groups = groups;
    this.planned = planned;
    this.plans = plans;
    this.grounds = grounds;
  }

  /** The groups of a field's cover, looked at. */
  @Transactional(readOnly = true)
  public GrazingViews.GrazingView of(UUID farmId, UUID fieldId) {
    PlannedField f = planned.one(farmId, fieldId);
    PlanView plan = f.plan();
    CoverPlan cover = f.cover();
    if (plan == null || cover == null) {
      return new GrazingViews.GrazingView(null, f.farm().today(), f.farm().today(), List.of());
    }
    List<GrazingGroup> rows =
        groups.findByFarmIdAndPlanIdAndRemovedFalseOrderByInOnAscNameAsc(farmId, plan.id());
    GrazingPlan looked =
        GrazingPlan.of(ground(farmId, f, cover), rows.stream().map(GrazingGroup::stay).toList());
    List<GrazingViews.GroupView> all = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      all.add(view(rows.get(i), looked.stays().get(i)));
    }
    return new GrazingViews.GrazingView(plan.id(), cover.seedOn(), cover.endOn(), all);
  }

  private GrazedGround ground(UUID farmId, PlannedField f, CoverPlan cover) {
    List<SeasonRun> runs = planned.forecaster().runs(cover, f.crop());
    return grounds.of(
        farmId,
        cover,
        f.field().areaHa(),
        f.log(),
        f.weather().record(),
        day -> FeedOnHand.on(runs, cover, day),
        day -> FeedOnHand.fit(runs, day));
  }

  private static GrazingViews.GroupView view(GrazingGroup row, GrazingPlan.Checked c) {
    GrazingStay s = c.stay();
    return new GrazingViews.GroupView(
        row.id,
        row.version,
        s.name(),
        s.head(),
        s.headKg(),
        s.inOn(),
        s.outOn(),
        s.animalDays(),
        s.needKg(),
        c.feedKg().quantile(LOW),
        c.feedKg().median(),
        c.feedKg().quantile(HIGH),
        c.enough(),
        c.hungry(),
        c.fit(),
        c.years(),
        c.barred().stream()
            .map(b -> new GrazingViews.BarredDays(b.from(), b.to(), ReasonView.of(b.why())))
            .toList(),
        c.cautions().stream().map(ReasonView::of).toList());
  }

  /**
   * Adds or changes a group.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public void put(UUID farmId, UUID id, GrazingViews.GroupInput in) {
    plans.known(farmId, in.planId());
    GrazingStay stay =
        new GrazingStay(in.name().strip(), in.head(), in.headKg(), in.inOn(), in.outOn());
    Optional<GrazingGroup> there = groups.toPut(farmId, id, AWAY);
    there.ifPresent(o -> ChangedMeanwhile.unless(o.version, in.version(), "the group", o::stay));
    GrazingGroup row = there.orElseGet(GrazingGroup::new);
    row.id = id;
    row.farmId = farmId;
    row.planId = in.planId();
    row.name = stay.name();
    row.head = stay.head();
    row.headKg = stay.headKg();
    row.inOn = stay.inOn();
    row.outOn = stay.outOn();
    groups.saveAndFlush(row);
  }

  /** Takes a group out, or puts it back. */
  @Transactional
  public void remove(UUID farmId, UUID id, boolean away) {
    groups.get(farmId, id, AWAY).removed = away;
  }
}
