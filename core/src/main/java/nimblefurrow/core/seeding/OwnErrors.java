package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.Predicate;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.units.OwnError;

/**
 * How far the season model may be off on a field (working values: growth 20 %, stages 3 days, what
 * comes up and what dies by 0.35 and 0.5 in log odds, hours 15 %). What is measured is believed on
 * its day; half of the doubt is back after thirty days.
 */
public final class OwnErrors {
  private static final double GROWTH = 0.20;
  private static final double STAGE_DAYS = 3;
  private static final double EMERGED = 0.35;
  private static final double KILL = 0.5;
  private static final double HOURS = 0.15;
  private static final double HALF_BACK_DAYS = 30;

  private final List<Sighting> seen;

  public OwnErrors(List<Sighting> seen) {
    this.seen = List.copyOf(seen);
  }

  /**
   * {@return the own errors of a plan's field}
   *
   * @param plan plan asked about
   */
  public static OwnErrors of(CoverPlan plan) {
    return new OwnErrors(plan.seen());
  }

  /**
   * {@return the own errors of cover, feed, mulch, roots and nitrogen on a day}
   *
   * @param on day it happens
   */
  public OwnError growth(LocalDate on) {
    return new OwnError.Times(growthSd(on));
  }

  /**
   * {@return the own errors of the light caught on a day}
   *
   * @param on day it happens
   */
  public OwnError light(LocalDate on) {
    return new OwnError.Light(growthSd(on));
  }

  /**
   * {@return the own errors of a species' stages, days}
   *
   * @param species index of the component
   * @param on day it happens
   */
  public OwnError stages(int species, LocalDate on) {
    return new OwnError.Off(
        STAGE_DAYS
            * doubt(on, s -> s instanceof Sighting.Stage stage && stage.component() == species));
  }

  /** {@return the own errors of the day it is up, days; none once plants were counted} */
  public OwnError comingUp() {
    boolean counted = seen.stream().anyMatch(Sighting.Plants.class::isInstance);
    return counted ? OwnError.NONE : new OwnError.Off(STAGE_DAYS);
  }

  /**
   * {@return the own errors of the plants of a species that come up of its live seed; none once
   * they were counted}
   *
   * @param species index of the component
   * @param liveSeedsPerM2 live seeds, per m²
   */
  public OwnError emerged(int species, double liveSeedsPerM2) {
    boolean counted =
        seen.stream().anyMatch(s -> s instanceof Sighting.Plants p && p.component() == species);
    return counted ? OwnError.NONE : new OwnError.Odds(EMERGED, liveSeedsPerM2);
  }

  /** {@return the own errors of the share that an ending kills} */
  public static OwnError kill() {
    return new OwnError.Odds(KILL, 1);
  }

  /** {@return the own errors of the hours that work takes} */
  public static OwnError hours() {
    return new OwnError.Times(HOURS);
  }

  private double growthSd(LocalDate on) {
    return GROWTH * doubt(on, s -> s instanceof Sighting.Cover || s instanceof Sighting.Height);
  }

  /** Share of the doubt that is left: all of it before anything was seen, none on that day. */
  private double doubt(LocalDate on, Predicate<Sighting> tells) {
    return seen.stream()
        .filter(tells)
        .map(Sighting::on)
        .filter(day -> !day.isAfter(on))
        .max(LocalDate::compareTo)
        .map(day -> 1 - Math.pow(0.5, ChronoUnit.DAYS.between(day, on) / HALF_BACK_DAYS))
        .orElse(1.0);
  }
}
