package nimblefurrow.core.outlook;

import nimblefurrow.core.season.EndingEffect;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Terminated;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Maths;

/**
 * What one ending left in one year.
 *
 * @param kill share of the plants that died, of the species that lives on best
 * @param mulchMgPerHa dead cover on the later of ending and planting
 * @param livingMgPerHa cover that lives on at that day
 * @param soilWaterMm in all three layers on planting day
 * @param waterTakenMm by the cover up to the end of the run
 * @param nitrogenInTopsKgPerHa in the tops when ended
 * @param nitrogenKgPerHa freed for the crop in 8-10 weeks; negative is tie-up
 * @param takenOffMgPerHa eaten or carried off
 * @param weeksOfCover after the later of ending and planting with mulch that holds small weeds
 * @param groundFit 1 when the ground carries on the day of ending
 * @param reached what the cover is for, in the purpose's unit
 */
record EndingMeasure(
    double kill,
    double mulchMgPerHa,
    double livingMgPerHa,
    double soilWaterMm,
    double waterTakenMm,
    double nitrogenInTopsKgPerHa,
    double nitrogenKgPerHa,
    double takenOffMgPerHa,
    double weeksOfCover,
    double groundFit,
    double reached) {
  /** A cover of which so much dies counts as ended. Working value. */
  static final double DEAD = 0.85;

  /** Share of the mulch that holds weeds under which none is held. */
  private static final double NONE_UNDER = 0.5;

  /**
   * Reads a run that was ended.
   *
   * @param growing the same year left to grow
   */
  static EndingMeasure of(
      CoverPlan plan, SeasonRun run, SeasonRun growing, Purpose purpose, double weedMulchMgPerHa) {
    SeasonColumns c = run.columns();
    int on = Worth.inside(c, Worth.later(plan));
    int end = Worth.inside(c, plan.endOn());
    int planting = Worth.inside(c, plan.plantOn());
    Terminated t = run.termination();
    double water = 0;
    for (double[] layer : c.soilWaterMm()) {
      water += layer[planting];
    }
    return new EndingMeasure(
        kill(run),
        dead(c, on),
        c.totalCoverMgPerHa(on),
        water,
        run.water().coverTranspirationMm(),
        t == null ? NitrogenInTops.at(plan.cover(), c, end).kgPerHa() : t.nitrogenInTopsKgPerHa(),
        Worth.measure(Purpose.MAKE_NITROGEN, plan, growing),
        run.effects().stream().mapToDouble(EndingEffect::takenOffMgPerHa).sum(),
        weeks(c, on, weedMulchMgPerHa),
        c.trafficability()[end] == Trafficability.FIT ? 1 : 0,
        Worth.measure(purpose, plan, purpose.hangsOnEnding() ? run : growing));
  }

  /** The same of a field in two zones, by their share of its width. */
  EndingMeasure mixed(EndingMeasure other, double share) {
    double own = 1 - share;
    return new EndingMeasure(
        Math.min(kill, other.kill),
        own * mulchMgPerHa + share * other.mulchMgPerHa,
        own * livingMgPerHa + share * other.livingMgPerHa,
        own * soilWaterMm + share * other.soilWaterMm,
        own * waterTakenMm + share * other.waterTakenMm,
        own * nitrogenInTopsKgPerHa + share * other.nitrogenInTopsKgPerHa,
        own * nitrogenKgPerHa + share * other.nitrogenKgPerHa,
        own * takenOffMgPerHa + share * other.takenOffMgPerHa,
        own * weeksOfCover + share * other.weeksOfCover,
        Math.min(groundFit, other.groundFit),
        own * reached + share * other.reached);
  }

  private static double dead(SeasonColumns c, int i) {
    return c.mulchMgPerHa()[i] + c.dyingMgPerHa()[i];
  }

  /** A thinner mat holds less, not nothing: days count by share down to half of what holds. */
  private static double weeks(SeasonColumns c, int from, double limit) {
    double days = 0;
    for (int day = from; day < c.days() && limit > 0; day++) {
      days += Maths.clamp((dead(c, day) / limit - NONE_UNDER) / (1 - NONE_UNDER));
    }
    return days / 7;
  }

  /** Of the species that lives on best, after all acts; all of it where winter ends it. */
  static double kill(SeasonRun run) {
    if (run.effects().isEmpty()) {
      return 1
          - run.components().stream()
              .filter(c -> c.emergedPerM2() > 0)
              .mapToDouble(SeasonRun.Component::winterSurvival)
              .max()
              .orElse(0);
    }
    double least = 1;
    for (int c = 0; c < run.components().size(); c++) {
      double left = 1;
      for (EndingEffect e : run.effects()) {
        left *= 1 - e.kill()[c];
      }
      if (run.components().get(c).emergedPerM2() > 0) {
        least = Math.min(least, 1 - left);
      }
    }
    return least;
  }
}
