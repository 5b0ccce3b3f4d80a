package nimblefurrow.server.ending;

import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.PlannedFields.PlannedField;

/**
 * A field with a cover that can be ended.
 *
 * @param on the field
 * @param plan as stored
 * @param cover as it counts today
 * @param purpose the first reason for it; holding soil where none is said
 */
record EndableField(PlannedField on, PlanView plan, CoverPlan cover, Purpose purpose) {
  /**
   * Of a field with its plan.
   *
   * @throws Refused when nothing is planned on it, or nothing stands that could be ended
   */
  static EndableField of(PlannedField f) {
    PlanView plan = f.plan();
    if (plan == null) {
      throw new Refused("plan", f.field().name() + " has no plan yet: nothing to end.");
    }
    CoverPlan cover = f.cover();
    if (cover == null) {
      Reason why =
          Reason.of(
                  "{field}'s cover was planned for {day}, nobody wrote down that it was seeded, and"
                      + " it is too late to seed it now: nothing to end. If it was seeded, say so in"
                      + " the field's log; if not, plan another.")
              .with("field", f.field().name())
              .with("day", f.standing().seeding().meantFor());
      // Names and days alone: the same in both unit systems.
      throw new Refused("plan", why.say(UnitSystem.METRIC));
    }
    Purpose purpose = f.purpose();
    return new EndableField(f, plan, cover, purpose == null ? Purpose.HOLD_SOIL : purpose);
  }
}
