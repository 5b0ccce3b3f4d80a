package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageScale;
import nimblefurrow.core.units.Spread;

/**
 * What a plan may come to over all ways its season may go.
 *
 * @param years how many ways were run
 * @param start first day of the weekly series
 * @param stepDays days between points of the series
 * @param low cover in one year of ten, Mg/ha
 * @param middle cover in the middle year, Mg/ha
 * @param high cover in nine years of ten, Mg/ha
 * @param cropStanding how tall the cash crop stands, 0..1 of its full canopy; 0 once harvested
 * @param cropGreen how green it is, 0..1
 * @param groundFit share of years in which the ground carries machines
 * @param seeded the day seed goes out, days from 1 January of the season
 * @param emerged the day half of the slowest species is up; infinite in years it never is
 * @param species what becomes of each species
 * @param worth the measure of each purpose, in {@link Purpose} order
 */
public record Outlook(
    int years,
    LocalDate start,
    int stepDays,
    double[] low,
    double[] middle,
    double[] high,
    double[] cropStanding,
    double[] cropGreen,
    double[] groundFit,
    Spread seeded,
    Spread emerged,
    List<SpeciesOutlook> species,
    List<Spread> worth) {
  private static final long PLAN_BYTES = 1500;

  /** Of its spreads, those that are asked with the model's error around them. */
  private static final int ASKED = 2;

  /**
   * One species.
   *
   * @param name common name
   * @param plantsPerM2 plants that came up
   * @param winterSurvival share that lives through winter
   * @param stages dates of its stages
   */
  public record SpeciesOutlook(
      String name, Spread plantsPerM2, Spread winterSurvival, List<StageOdds> stages) {}

  /**
   * When a stage is reached.
   *
   * @param name the stage
   * @param years in how many years it is reached by the end of July
   * @param day days from 1 January of the season; infinite where it is not reached
   */
  public record StageOdds(String name, int years, Spread day) {}

  /**
   * About how much heap it holds, its plan included: a value a year for each spread, and the rest.
   *
   * @return bytes
   */
  public long bytes() {
    long spreads = 2L + worth.size();
    for (SpeciesOutlook s : species) {
      spreads += 2L + s.stages().size();
    }
    long spreadOut = (long) ASKED * Spread.POINTS * years;
    return Double.BYTES * (8L * low.length + spreads * (years + 8L) + spreadOut) + PLAN_BYTES;
  }

  /**
   * {@return the measure of a purpose}
   *
   * @param purpose what the cover is for
   */
  public Spread worth(Purpose purpose) {
    return worth.get(purpose.ordinal());
  }

  /**
   * {@return cover in the middle year on a day, Mg/ha, along a line between points; 0 outside them}
   *
   * @param day day asked for
   */
  public double middleOn(LocalDate day) {
    return on(middle, day);
  }

  /**
   * {@return cover in one year of ten on a day, Mg/ha, likewise}
   *
   * @param day day asked for
   */
  public double lowOn(LocalDate day) {
    return on(low, day);
  }

  /**
   * {@return cover in nine years of ten on a day, Mg/ha, likewise}
   *
   * @param day day asked for
   */
  public double highOn(LocalDate day) {
    return on(high, day);
  }

  private double on(double[] series, LocalDate day) {
    double at = (double) java.time.temporal.ChronoUnit.DAYS.between(start, day) / stepDays;
    if (at < 0 || at > series.length - 1) {
      return 0;
    }
    int i = (int) Math.min(series.length - 2, Math.floor(at));
    return series[i] + (at - i) * (series[i + 1] - series[i]);
  }

  /**
   * {@return the most cover there is on any day up to one, in the middle year, Mg/ha}
   *
   * @param day the last day asked about
   */
  public double mostUntil(LocalDate day) {
    double most = middleOn(day);
    for (int p = 0; p < middle.length && !start.plusDays((long) p * stepDays).isAfter(day); p++) {
      most = Math.max(most, middle[p]);
    }
    return most;
  }

  /**
   * {@return the day the first species has viable seed, from 1 January of the season, in the middle
   * year; nothing where none gets so far}
   *
   * @param cover the species of the plan, in its order
   */
  public OptionalDouble seedRipe(List<Species> cover) {
    return IntStream.range(0, cover.size())
        .mapToDouble(i -> ripe(cover.get(i).clock().scale(), species.get(i)))
        .filter(Double::isFinite)
        .min();
  }

  private static double ripe(StageScale scale, SpeciesOutlook outlook) {
    String viable =
        scale.stages().stream()
            .filter(s -> s.fraction() >= scale.viableSeedFrom())
            .findFirst()
            .map(StageScale.Stage::name)
            .orElse("");
    return outlook.stages().stream()
        .filter(s -> s.name().equals(viable))
        .mapToDouble(s -> s.day().median())
        .findFirst()
        .orElse(Double.POSITIVE_INFINITY);
  }

  /**
   * {@return in how many years a purpose reaches its target}
   *
   * @param purpose what the cover is for
   * @param target how much of it is wanted, in its unit
   */
  public int met(Purpose purpose, double target) {
    return worth(purpose).atLeast(target);
  }
}
