package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.support.KeyOf;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** Choosing what, how and when, as the wire shows it. */
final class ChoiceViews {
  private ChoiceViews() {}

  /**
   * Covers for a field and a reason, best first.
   *
   * @param whatWould reach it where no cover does; empty where one does
   */
  record CoversView(
      @KeyOf(KeyOf.What.PURPOSE) String purpose,
      String label,
      String measure,
      double target,
      Unit unit,
      List<CoverChoice> covers,
      List<ReasonView> whatWould,
      boolean shedEmpty) {}

  /**
   * One cover.
   *
   * @param excluded why it cannot be; null when it can
   * @param money its account as planned; null when there is no way to seed it
   * @param plan ready to be looked at; null when there is no way to seed it
   */
  record CoverChoice(
      String name,
      List<String> species,
      @Nullable ReasonView excluded,
      int met,
      int years,
      @Nullable MoneyView money,
      @Nullable String endingLabel,
      List<ReasonView> reasons,
      @Nullable PlanInput plan) {}

  /**
   * One way of seeding beside the others.
   *
   * @param machine the machine in the shed that would do it; null when there is none
   * @param hours for the field, loads counted; null without a machine
   * @param placementUsdPerHa machine and operator; null without
   */
  record WayView(
      @KeyOf(KeyOf.What.SEEDING_METHOD) String method,
      String label,
      LocalDate seedOn,
      SeasonView.WindowView window,
      int goodStand,
      int met,
      int years,
      double coverLow,
      double coverMiddle,
      double coverHigh,
      double seedUsdPerHa,
      List<PlanInput.Component> components,
      @Nullable String machine,
      @Nullable UUID machineId,
      @Nullable Double hours,
      @Nullable Double placementUsdPerHa) {}

  /** What of a farm can be seeded in the week from {@code from} on, by way of seeding. */
  record OpenView(LocalDate from, LocalDate to, List<OpenWay> ways) {}

  /**
   * Fields one way can seed in that week.
   *
   * @param race what is planned this way against the days its machine is there; null without a
   *     machine, or where nothing is planned this way
   */
  record OpenWay(
      @KeyOf(KeyOf.What.SEEDING_METHOD) String method,
      String label,
      List<String> machines,
      List<OpenField> fields,
      @Nullable Race race) {}

  /**
   * Work that is planned one way and open, against the days until the first and the last of it
   * close.
   *
   * @param hours of its machine, by the acres and loads of each field
   * @param daysNeeded at ten hours a day
   * @param daysToFirst days the machine is there until the first field closes
   * @param daysToLast the same until the last does
   * @param late the first field that would be seeded after it closes, the soonest to close first
   */
  record Race(
      int fields,
      double hours,
      double daysNeeded,
      int daysToFirst,
      int daysToLast,
      @Nullable String late) {}

  /**
   * A field that is open.
   *
   * @param closes last useful day
   * @param closesReason what sets it
   * @param mine whether the field's plan is to be seeded this way
   * @param fits covers that can be seeded so this week, where none is planned
   */
  record OpenField(
      UUID fieldId,
      String name,
      double areaHa,
      LocalDate opens,
      LocalDate closes,
      ReasonView closesReason,
      boolean mine,
      boolean seeded,
      List<String> fits) {}
}
