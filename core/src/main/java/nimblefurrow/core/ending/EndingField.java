package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Spread;

/**
 * A cover that is to be ended: as every year would grow it, and what follows.
 *
 * @param plan the cover
 * @param crop the cash crop's years
 * @param runs the cover left to grow, one for each year
 * @param next the next crop on the day it is wished
 * @param organic whether no herbicide belongs on the field
 */
public record EndingField(
    CoverPlan plan, CropSeasons crop, List<SeasonRun> runs, NextCrop next, boolean organic) {
  /** A species of which less lives through winter is dead. */
  private static final double DEAD_SHARE = 0.1;

  public EndingField {
    runs = List.copyOf(runs);
  }

  /** {@return how many years were run} */
  public int years() {
    return runs.size();
  }

  /**
   * {@return in how many years something holds}
   *
   * @param which holds for those that count
   */
  public int years(Predicate<SeasonRun> which) {
    return (int) runs.stream().filter(which).count();
  }

  /**
   * {@return species of the cover that something holds for}
   *
   * @param which holds for those that count
   */
  public Stream<Species> species(Predicate<Species> which) {
    return plan.cover().stream().map(CoverComponent::species).filter(which);
  }

  /** {@return whether a grass is in it} */
  public boolean hasGrass() {
    return plan.hasGrass();
  }

  /** {@return whether a grass in it is followed by corn, which it starves and infects} */
  public boolean grassBeforeCorn() {
    return next.kind() == NextCrop.Kind.CORN && hasGrass();
  }

  /** {@return years in which no species of it lives through winter} */
  public int yearsWinterKills() {
    return years(r -> r.components().stream().allMatch(EndingField::winterKilled));
  }

  private static boolean winterKilled(SeasonRun.Component c) {
    return c.emergedPerM2() == 0 || c.winterSurvival() < DEAD_SHARE;
  }

  /**
   * {@return the day, as a count from the season's start, on which the last species reaches its
   * stage}
   *
   * @param fraction of the way to its key stage, for each species; 0 leaves a species out
   */
  public Spread ripe(ToDoubleFunction<Species> fraction) {
    double[] last = new double[runs.size()];
    int slowest = 0;
    double slowestDay = Double.NEGATIVE_INFINITY;
    for (int c = 0; c < plan.cover().size(); c++) {
      double wanted = fraction.applyAsDouble(plan.cover().get(c).species());
      if (wanted > 0) {
        double[] days = stageDays(c, wanted);
        double middle = Spread.of(days).median();
        if (middle > slowestDay) {
          slowestDay = middle;
          slowest = c;
        }
        for (int y = 0; y < last.length; y++) {
          last[y] = Math.max(last[y], days[y]);
        }
      }
    }
    return Spread.of(last).with(OwnErrors.of(plan).stages(slowest, plan.endOn()));
  }

  /**
   * {@return the day on which one species reaches a stage}
   *
   * @param component index of the species
   * @param fraction of the way to its key stage
   */
  public Spread ripe(int component, double fraction) {
    return Spread.of(stageDays(component, fraction))
        .with(OwnErrors.of(plan).stages(component, plan.endOn()));
  }

  private double[] stageDays(int component, double fraction) {
    return runs.stream()
        .mapToDouble(
            r -> {
              double[] stage = r.columns().stageFraction()[component];
              int i = 0;
              while (i < stage.length && stage[i] < fraction) {
                i++;
              }
              return i == stage.length
                  ? Double.POSITIVE_INFINITY
                  : crop.count(r.columns().start().plusDays(i));
            })
        .toArray();
  }

  /**
   * {@return a count as a day; never ripe is said as the end of July}
   *
   * @param count days from the season's start
   */
  public LocalDate day(double count) {
    return crop.day(finite(count));
  }

  /** A count no later than the end of July. */
  double finite(double count) {
    return Math.min(count, endOfJuly());
  }

  /** Whether a count lies within the season. */
  boolean reached(double count) {
    return count < endOfJuly();
  }

  private double endOfJuly() {
    return crop.count(LocalDate.of(crop.ensemble().seasonYear() + 1, 7, 31));
  }

  /**
   * {@return cover standing on a day, Mg/ha}
   *
   * @param day day asked for
   */
  public Spread coverOn(LocalDate day) {
    return Spread.of(runs.stream().mapToDouble(r -> coverOn(r, day)).toArray())
        .with(OwnErrors.of(plan).growth(day));
  }

  /** Cover standing on a day of one year, Mg/ha. */
  static double coverOn(SeasonRun run, LocalDate day) {
    int i = run.columns().indexOf(day);
    return run.columns().totalCoverMgPerHa(Math.max(0, Math.min(run.columns().days() - 1, i)));
  }
}
