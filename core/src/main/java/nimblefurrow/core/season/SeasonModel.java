package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;

/**
 * The season model: from a plan and a sky to the season's days. Pure; one instance serves any
 * number of threads.
 */
public final class SeasonModel {
  /** Raised whenever the same input gives another answer. */
  public static final int VERSION = 2;

  private static final int SETTLING_DAYS = 15;
  private static final int SHARED_DAYS = 30;

  private final ModelParameters parameters;

  public SeasonModel(ModelParameters parameters) {
    this.parameters = parameters;
  }

  /** {@return the model with the parameters that ship with it} */
  public static SeasonModel shipped() {
    return new SeasonModel(ModelParameters.shipped());
  }

  /**
   * {@return the cash crop of a plan under a sky, for sharing among fields}
   *
   * @param crop cash crop
   * @param sky weather with the sun over it
   */
  public CropColumns crop(CashCrop crop, Sky sky) {
    return CropColumns.grow(crop, sky, parameters);
  }

  /**
   * The ground behind a cover that grew under an earlier sky, for what follows under its own.
   *
   * @param under what that cover followed, grown under the earlier sky
   */
  CropColumns behind(CashCrop.AfterCover after, Sky earlier, CropColumns under, Sky sky) {
    SeasonState left = until(earlier, under, after.before(), after.endedOn());
    CropColumns columns = AfterCoverColumns.behind(left, after.endedOn(), sky);
    return CropColumns.shared(columns, sky);
  }

  /**
   * Runs one season.
   *
   * @param sky weather with the sun over it
   * @param plan plan asked about
   * @return the season run
   * @throws Refused when the weather does not hold the run
   */
  public SeasonRun run(Sky sky, SeasonPlan plan) {
    return run(sky, crop(plan.crop(), sky), plan);
  }

  /**
   * Runs one season with a cash crop that was grown under the same sky before.
   *
   * @param sky weather with the sun over it
   * @param crop cash crop, grown under the same sky
   * @param plan plan asked about
   * @return the season run
   * @throws Refused when the weather does not hold the run
   */
  public SeasonRun run(Sky sky, CropColumns crop, SeasonPlan plan) {
    return run(sky, crop, plan, SeasonColumns.Detail.FULL);
  }

  /**
   * Runs one season and keeps as much of it as is asked for.
   *
   * @param sky weather with the sun over it
   * @param crop cash crop, grown under the same sky
   * @param plan plan asked about
   * @param detail how much is kept of the run
   * @return the season run
   * @throws Refused when the weather does not hold the run
   */
  public SeasonRun run(Sky sky, CropColumns crop, SeasonPlan plan, SeasonColumns.Detail detail) {
    return run(new GrowingRun.Sources(sky, crop, plan, detail), Integer.MAX_VALUE, List.of());
  }

  /**
   * Runs one season whose cover is left to grow, so that ways of ending it can go on from it.
   *
   * @param sky weather with the sun over it
   * @param crop cash crop, grown under the same sky
   * @param plan plan asked about, without endings
   * @param detail how much is kept of the run, and of what goes on from it
   * @param from the day from which states are kept; what ends the cover before is run as a whole
   * @return the season run
   * @throws Refused when the weather does not hold the run
   */
  public GrowingRun grow(
      Sky sky, CropColumns crop, SeasonPlan plan, SeasonColumns.Detail detail, LocalDate from) {
    GrowingRun.Sources of = new GrowingRun.Sources(sky, crop, plan, detail);
    List<SeasonState> states = new ArrayList<>();
    long first = Math.max(0, ChronoUnit.DAYS.between(plan.firstDay(), from));
    int kept = (int) Math.min(Integer.MAX_VALUE, first);
    return new GrowingRun(this, of, run(of, kept, states), states);
  }

  /** Goes on from a state of a run with another plan that is the same up to there. */
  SeasonRun branch(
      GrowingRun.Sources of, SeasonPlan plan, SeasonState before, SeasonColumns grown) {
    SeasonRun run =
        SeasonDays.branch(before, parameters, of, plan, grown)
            .runFrom(grown.indexOf(before.day()) + 1);
    run.columns().beside = grown.beside;
    return run;
  }

  private SeasonRun run(GrowingRun.Sources of, int keptFrom, List<SeasonState> kept) {
    SeasonPlan plan = of.plan();
    CropColumns crop = of.crop();
    DailyWeather weather = of.sky().weather();
    LocalDate first = plan.firstDay();
    requireWeather(weather, first, plan.lastDay());
    double lagged = laggedMean(weather, first);
    SeasonDays days = new SeasonDays(parameters, of.sky(), crop, plan, lagged, of.detail());
    days.keep(keptFrom, kept);
    BareSeason.Key key =
        new BareSeason.Key(weather.indexOf(first), plan.soil(), plan.start().ground());
    int bareDays = bareDays(plan);
    Supplier<BareSeason> bare =
        () ->
            crop.bare(
                key,
                bareDays,
                () ->
                    BareSeason.run(
                        SeasonDays.bare(parameters, of.sky(), crop, plan, lagged), bareDays));
    boolean worthSharing = plan.seededOn().isAfter(first.plusDays(SHARED_DAYS));
    SeasonRun run =
        of.detail() == SeasonColumns.Detail.FULL || !worthSharing
            ? days.runFrom(0)
            : days.runAfter(bare.get());
    run.columns().beside = () -> bare.get().trafficability(bareDays);
    return run;
  }

  /**
   * {@return the ground and what stands on it at the end of a day}
   *
   * @param sky weather with the sun over it
   * @param crop cash crop, grown under the same sky
   * @param plan plan asked about
   * @param day the last day to run
   * @throws Refused when the weather does not hold the run, or the day lies before it
   */
  public SeasonState until(Sky sky, CropColumns crop, SeasonPlan plan, LocalDate day) {
    LocalDate first = plan.firstDay();
    requireWeather(sky.weather(), first, day);
    if (day.isAfter(plan.lastDay())) {
      throw new Refused(
          "", "the season is computed to %s, not to %s".formatted(plan.lastDay(), day));
    }
    double lagged = laggedMean(sky.weather(), first);
    SeasonDays days =
        new SeasonDays(parameters, sky, crop, plan, lagged, SeasonColumns.Detail.FULL);
    int last = (int) ChronoUnit.DAYS.between(first, day);
    for (int i = 0; i <= last; i++) {
      days.day(i);
    }
    return days.state(last);
  }

  /**
   * Goes on with a plan from a state of its own run: the same days as if it had not been cut.
   *
   * @param sky weather with the sun over it
   * @param crop cash crop, grown under the same sky
   * @param plan plan asked about
   * @param cut where it was cut
   * @return the run from the day after the cut
   * @throws Refused when the weather does not hold the run
   */
  public SeasonRun goOn(Sky sky, CropColumns crop, SeasonPlan plan, SeasonState cut) {
    requireWeather(sky.weather(), cut.day().plusDays(1), plan.lastDay());
    return SeasonDays.from(cut, parameters, sky, crop, plan).runFrom(0);
  }

  private static void requireWeather(DailyWeather weather, LocalDate first, LocalDate last) {
    if (last.isBefore(first) || !weather.covers(first, last)) {
      throw new Refused(
          "",
          "the weather from %s to %s does not hold the season from %s to %s"
              .formatted(weather.start(), weather.end(), first, last));
    }
  }

  /** Bare ground is followed until the latest crop is planted: it tells what a cover adds. */
  private static int bareDays(SeasonPlan plan) {
    LocalDate july = LocalDate.of(plan.year() + 1, Month.JULY, 1);
    LocalDate end = plan.lastDay().isBefore(july) ? plan.lastDay() : july;
    return (int) ChronoUnit.DAYS.between(plan.firstDay(), end);
  }

  private static double laggedMean(DailyWeather weather, LocalDate first) {
    int at = weather.indexOf(first);
    int from = at >= SETTLING_DAYS ? at - SETTLING_DAYS : at;
    int to = Math.min(weather.days(), from + SETTLING_DAYS);
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += weather.meanC(i);
    }
    return sum / (to - from);
  }
}
