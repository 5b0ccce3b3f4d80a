package nimblefurrow.core.outlook;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/** What changes when a plan is moved, in words. */
public final class PlanDifference {
  private static final double WORTH_SAYING_MG = 0.05;
  private static final double WORTH_SAYING_DAYS = 0.5;

  private PlanDifference() {}

  /**
   * {@return the differences worth saying from one plan to the other}
   *
   * @param before outlook before
   * @param was plan before
   * @param after what it waits for; null for nothing
   * @param is plan now
   * @param purpose what the cover is for
   */
  public static List<Reason> between(
      CoverPlan before, Outlook was, CoverPlan after, Outlook is, Purpose purpose) {
    List<Reason> said = new ArrayList<>();
    long moved = ChronoUnit.DAYS.between(before.seedOn(), after.seedOn());
    if (moved != 0) {
      said.add(
          Reason.of(moved > 0 ? "seeded {days} later" : "seeded {days} earlier")
              .with("days", Math.abs(moved), Unit.DAYS));
    }
    long ended = ChronoUnit.DAYS.between(before.endOn(), after.endOn());
    if (ended != 0) {
      said.add(
          Reason.of(ended > 0 ? "ended {days} later" : "ended {days} earlier")
              .with("days", Math.abs(ended), Unit.DAYS));
    }
    double cover =
        is.worth(Purpose.SMOTHER_WEEDS).median() - was.worth(Purpose.SMOTHER_WEEDS).median();
    if (Math.abs(cover) >= WORTH_SAYING_MG) {
      said.add(
          Reason.of(cover > 0 ? "{mass} more cover at the end" : "{mass} less cover at the end")
              .with("mass", Math.abs(cover), Unit.MG_PER_HA));
    }
    double ripe = key(is) - key(was);
    if (Double.isFinite(ripe) && Math.abs(ripe) >= WORTH_SAYING_DAYS) {
      said.add(
          Reason.of(ripe > 0 ? "ripe {days} later" : "ripe {days} earlier")
              .with("days", Math.abs(ripe), Unit.DAYS));
    }
    int met = is.met(purpose, purpose.target());
    int metBefore = was.met(purpose, purpose.target());
    said.add(
        Reason.of(
                met == metBefore
                    ? "{purpose} in {met} of {years} years, as before"
                    : "{purpose} in {met} of {years} years, was {before}")
            .with("purpose", purpose.label())
            .with("met", met, Unit.COUNT)
            .with("before", metBefore, Unit.COUNT)
            .with("years", is.years(), Unit.COUNT));
    return said;
  }

  /** The day the last species reaches its key stage in the middle year. */
  private static double key(Outlook outlook) {
    return outlook.species().stream()
        .flatMap(s -> s.stages().stream())
        .filter(g -> g.name().equals("mid-anthesis") || g.name().equals("full bloom"))
        .map(Outlook.StageOdds::day)
        .mapToDouble(Spread::median)
        .max()
        .orElse(Double.NaN);
  }
}
