package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.OwnError;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Spread;

/**
 * What is left of a cover once it is ended, over all ways its season may go: the acts of its ending
 * run as dated changes of the model's state.
 *
 * @param way how it is ended
 * @param on the day
 * @param years how many ways were run
 * @param kill share of the plants that die, the species that lives on best; all 1 in winter's way
 * @param mulch dead cover on the ground or standing, by week from {@code on}, Mg/ha
 * @param living what lives on in the middle year by week, Mg/ha
 * @param mulchAtPlanting dead cover on planting day, Mg/ha
 * @param livingAtPlanting cover that lives on at planting day, Mg/ha
 * @param waterTakenMm taken up by the cover from seeding to planting
 * @param topSoilWetness of the upper 15 cm on planting day, share of field capacity
 * @param nitrogenKgPerHa freed for the next crop in 8-10 weeks; negative is tie-up
 * @param fitAtPlanting in how many years the ground carries the planter that day
 * @param byDate dead cover just after, were it ended on other days
 */
public record AfterEnding(
    EndingMethod way,
    LocalDate on,
    int years,
    Spread kill,
    List<Spread> mulch,
    List<Spread> living,
    Spread mulchAtPlanting,
    Spread livingAtPlanting,
    Spread waterTakenMm,
    Spread topSoilWetness,
    Spread nitrogenKgPerHa,
    int fitAtPlanting,
    List<OnDate> byDate) {
  private static final int WEEKS = 11;
  private static final int STEP_DAYS = 7;
  private static final int DATES_EITHER_SIDE = 3;

  public AfterEnding {
    mulch = List.copyOf(mulch);
    living = List.copyOf(living);
    byDate = List.copyOf(byDate);
  }

  /** Dead cover just after an ending on a day, and the kill. */
  public record OnDate(LocalDate day, Spread mulch, Spread kill) {}

  /**
   * Runs a plan's ending.
   *
   * @param forecaster runs the model
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   * @param way way of ending or seeding
   * @return the after ending
   */
  public static AfterEnding of(
      Forecaster forecaster, CoverPlan plan, CropSeasons crop, EndingMethod way) {
    if (!way.modelled()) {
      throw new Refused(
          "ending", "There is no model of “" + way.label() + "”: what it leaves is not estimated.");
    }
    LocalDate on = plan.endOn();
    GrowingYears growing =
        forecaster.growing(
            plan,
            crop,
            SeasonColumns.Detail.FULL,
            on.minusDays((long) DATES_EITHER_SIDE * STEP_DAYS));
    List<SeasonRun> runs = growing.ended(acts(way, plan, on));
    OwnError mass = OwnErrors.of(plan).growth(on);
    List<Spread> mulch = new ArrayList<>();
    List<Spread> living = new ArrayList<>();
    for (int w = 0; w < WEEKS; w++) {
      LocalDate day = on.plusDays((long) w * STEP_DAYS);
      if (runs.stream().anyMatch(r -> r.columns().indexOf(day) >= r.columns().days())) {
        break;
      }
      mulch.add(on(runs, day, AfterEnding::dead).with(mass));
      living.add(on(runs, day, SeasonColumns::totalCoverMgPerHa).with(mass));
    }
    LocalDate planting = plan.plantOn();
    return new AfterEnding(
        way,
        on,
        runs.size(),
        each(runs, EndingMeasure::kill).with(OwnErrors.kill()),
        mulch,
        living,
        on(runs, planting, AfterEnding::dead).with(mass),
        on(runs, planting, SeasonColumns::totalCoverMgPerHa).with(mass),
        each(runs, AfterEnding::waterTaken),
        on(runs, planting, (c, i) -> c.topSoilWetness()[i]),
        // As it grew, up to its end: the same as its odds are counted by.
        Worth.spread(Purpose.MAKE_NITROGEN, plan, growing.runs()),
        (int)
            runs.stream().map(SeasonRun::columns).filter(c -> fit(c, c.indexOf(planting))).count(),
        byDate(plan, growing, way));
  }

  /** A way's acts on a day, with the roller that the plan's own acts name. */
  private static List<Ending> acts(EndingMethod way, CoverPlan plan, LocalDate day) {
    return plan.acts().stream()
        .filter(Ending.Roll.class::isInstance)
        .map(Ending.Roll.class::cast)
        .findFirst()
        .map(r -> Ending.Roll.all(way.acts(day), r.rollerKgPerM()))
        .orElse(way.acts(day));
  }

  private static List<OnDate> byDate(CoverPlan plan, GrowingYears growing, EndingMethod way) {
    List<OnDate> all = new ArrayList<>();
    if (way.ofItself()) {
      return all;
    }
    for (int d = -DATES_EITHER_SIDE; d <= DATES_EITHER_SIDE; d++) {
      LocalDate day = plan.endOn().plusDays((long) d * STEP_DAYS);
      if (day.isAfter(plan.seedOn().plusDays(30))) {
        List<SeasonRun> runs = growing.ended(acts(way, plan, day));
        all.add(
            new OnDate(
                day,
                on(runs, day, AfterEnding::dead).with(OwnErrors.of(plan).growth(day)),
                each(runs, EndingMeasure::kill).with(OwnErrors.kill())));
      }
    }
    return all;
  }

  private static boolean fit(SeasonColumns c, int i) {
    return i >= 0 && i < c.days() && c.trafficability()[i] == Trafficability.FIT;
  }

  private interface OnDay {
    double of(SeasonColumns columns, int day);
  }

  private static double dead(SeasonColumns c, int i) {
    return c.mulchMgPerHa()[i] + c.dyingMgPerHa()[i];
  }

  private static Spread on(List<SeasonRun> runs, LocalDate day, OnDay what) {
    return each(
        runs,
        r -> {
          SeasonColumns c = r.columns();
          int i = c.indexOf(day);
          return i >= 0 && i < c.days() ? what.of(c, i) : 0;
        });
  }

  private static Spread each(List<SeasonRun> runs, ToDoubleFunction<SeasonRun> of) {
    return Spread.of(runs.stream().mapToDouble(of).toArray());
  }

  private static double waterTaken(SeasonRun run) {
    return run.water().coverTranspirationMm();
  }
}
