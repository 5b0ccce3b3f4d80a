package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/**
 * What a grower wants of a cover, and how surely.
 *
 * @param measure what is measured
 * @param target how much is enough, in the measure's unit
 * @param share of years in which it should be reached, above 0 to 1
 */
public record Goal(Measure measure, double target, double share) {
  /** How surely things are wanted when nothing is said: seven years in ten. */
  public static final double USUAL_SHARE = 0.7;

  /** Something that can be measured on a season. */
  public sealed interface Measure {
    /** {@return what is measured, in words} */
    String words();

    /** {@return its unit} */
    Unit unit();
  }

  /** What a purpose is judged by, on that purpose's own day. */
  public record Of(Purpose purpose) implements Measure {
    @Override
    public String words() {
      return purpose.measure();
    }

    @Override
    public Unit unit() {
      return purpose.unit();
    }
  }

  /** Cover standing on a day. */
  public record CoverOn(LocalDate day) implements Measure {
    @Override
    public String words() {
      return "cover standing";
    }

    @Override
    public Unit unit() {
      return Unit.MG_PER_HA;
    }
  }

  /** Ground shaded by the cover on a day. */
  public record GroundOn(LocalDate day) implements Measure {
    @Override
    public String words() {
      return "shade";
    }

    @Override
    public Unit unit() {
      return Unit.SHARE;
    }
  }

  /**
   * @throws Refused when the target is negative or the share out of range
   */
  public Goal {
    if (!(target >= 0 && target < 1e6)) {
      throw new Refused("", "a goal of " + target + " is not 0 or more");
    }
    if (!(share > 0 && share <= 1)) {
      throw new Refused("", "odds of " + share + " are not above 0 up to 1");
    }
  }

  /**
   * {@return a purpose with its own target at the usual odds}
   *
   * @param purpose what the cover is for
   */
  public static Goal of(Purpose purpose) {
    return new Goal(new Of(purpose), purpose.target(), USUAL_SHARE);
  }

  /**
   * {@return years out of {@code years} in which it must be reached}
   *
   * @param years number of years
   */
  public int wanted(int years) {
    return (int) Math.ceil(share * years - 1e-9);
  }

  /**
   * {@return in how many of a plan's years it is reached, the model's own error counted}
   *
   * @param forecaster runs the model
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   */
  public int met(Forecaster forecaster, CoverPlan plan, CropSeasons crop) {
    OwnErrors errors = OwnErrors.of(plan);
    if (measure instanceof Of of) {
      List<SeasonRun> runs = forecaster.runsFor(of.purpose(), plan, crop);
      return Worth.spread(of.purpose(), plan, runs).atLeast(target);
    }
    List<SeasonRun> runs = forecaster.runs(plan, crop);
    Spread spread =
        measure instanceof CoverOn c
            ? on(runs, c.day(), SeasonColumns::totalCoverMgPerHa).with(errors.growth(c.day()))
            : on(runs, ((GroundOn) measure).day(), (columns, i) -> columns.lightCaught()[i])
                .with(errors.light(((GroundOn) measure).day()));
    return spread.atLeast(target);
  }

  private interface OnDay {
    double of(SeasonColumns columns, int day);
  }

  private static Spread on(List<SeasonRun> runs, LocalDate day, OnDay what) {
    return Spread.of(
        runs.stream()
            .map(SeasonRun::columns)
            .mapToDouble(
                c -> {
                  int i = c.indexOf(day);
                  return i >= 0 && i < c.days() ? what.of(c, i) : 0;
                })
            .toArray());
  }
}
