package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.season.EndingEffect;
import nimblefurrow.core.season.Going;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Terminated;
import nimblefurrow.core.seeding.CoverPlan;

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
 * @param rootsCm deepest roots at the end
 * @param fitDays fit days among the seven round planting
 * @param groundFit 1 when the ground carries on the day of ending
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
    double rootsCm,
    double fitDays,
    double groundFit) {

  /** Reads a run that was ended. */
  static EndingMeasure of(CoverPlan plan, SeasonRun run, double weedMulchMgPerHa) {
    SeasonColumns c = run.columns();
    LocalDate later = plan.endOn().isAfter(plan.plantOn()) ? plan.endOn() : plan.plantOn();
    int on = inside(c, later);
    int end = inside(c, plan.endOn());
    int planting = inside(c, plan.plantOn());
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
        t == null ? 0 : t.availableNitrogenKgPerHa(),
        run.effects().stream().mapToDouble(EndingEffect::takenOffMgPerHa).sum(),
        weeks(c, on, weedMulchMgPerHa),
        100 * c.rootsM()[end],
        Worth.fitDays(c, plan.plantOn()),
        c.going()[end] == Going.FIT ? 1 : 0);
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
        Math.max(rootsCm, other.rootsCm),
        Math.min(fitDays, other.fitDays),
        Math.min(groundFit, other.groundFit));
  }

  /** What shows that the cover did what it is for, once it is ended so. */
  double reached(Purpose purpose) {
    return switch (purpose) {
      case HOLD_SOIL -> mulchMgPerHa + livingMgPerHa;
      case TAKE_UP_NITROGEN -> nitrogenInTopsKgPerHa;
      case MAKE_NITROGEN -> nitrogenKgPerHa;
      case SMOTHER_WEEDS -> mulchMgPerHa;
      case OPEN_TIGHT_GROUND -> rootsCm;
      case CARRY_MACHINE -> fitDays;
      case FEED_CATTLE -> takenOffMgPerHa;
    };
  }

  private static int inside(SeasonColumns c, LocalDate day) {
    long i = ChronoUnit.DAYS.between(c.start(), day);
    return (int) Math.max(0, Math.min(c.days() - 1, i));
  }

  private static double dead(SeasonColumns c, int i) {
    return c.mulchMgPerHa()[i] + c.dyingMgPerHa()[i];
  }

  private static double weeks(SeasonColumns c, int from, double limit) {
    int days = 0;
    while (from + days < c.days() && dead(c, from + days) >= limit) {
      days++;
    }
    return days / 7.0;
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
