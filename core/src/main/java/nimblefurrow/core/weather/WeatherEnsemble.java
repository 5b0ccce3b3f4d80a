package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * The ways a season may go: what was seen of it up to today, joined in turn to what every past year
 * of the station brought after this day of the year. As the season passes the ways draw together.
 */
public final class WeatherEnsemble {
  /** Spreads neighbouring years evenly over the shares of skill. */
  private static final double GOLDEN = 0.618_033_988_75;

  private final int seasonYear;
  private final LocalDate today;
  private final int firstPastYear;
  private final List<Sky> ensemble;

  private WeatherEnsemble(int seasonYear, LocalDate today, int firstPastYear, List<Sky> ensemble) {
    this.seasonYear = seasonYear;
    this.today = today;
    this.firstPastYear = firstPastYear;
    this.ensemble = List.copyOf(ensemble);
  }

  /**
   * Joins seen days to past years. Days before the season's 1 January that were seen are not used;
   * days of the season that nobody measured are taken from the past year as well.
   *
   * @param seasonYear the year whose autumn is planned
   * @param today last day that was seen
   * @param history past years, each used whole from January to the July after it
   * @param seen weather that was measured up to {@code today}; may be empty of this season
   * @param place where the station stands
   * @return the season skies
   * @throws Refused when history holds no whole season
   */
  public static WeatherEnsemble join(
      int seasonYear,
      LocalDate today,
      DailyWeather history,
      @Nullable DailyWeather seen,
      Place place) {
    LocalDate from = LocalDate.of(seasonYear, Month.JANUARY, 1);
    LocalDate to = LocalDate.of(seasonYear + 1, Month.AUGUST, 31);
    List<Sky> ensemble = new ArrayList<>();
    int first = history.start().getYear() + (history.start().getDayOfYear() > 1 ? 1 : 0);
    for (int year = first; year < history.end().getYear(); year++) {
      int shift = year - seasonYear;
      if (history.end().isBefore(to.plusYears(shift))) {
        break;
      }
      DailyWeather way = oneWay(from, to, today, shift, history, seen);
      ensemble.add(ensemble.isEmpty() ? Sky.over(way, place) : ensemble.get(0).over(way));
    }
    if (ensemble.isEmpty()) {
      throw new Refused(
          "",
          "the weather from %s to %s holds no whole season from January to the August after it"
              .formatted(history.start(), history.end()));
    }
    return new WeatherEnsemble(seasonYear, today, first, ensemble);
  }

  /**
   * {@return the same ways with a forecast for the days after today: of each lead it is believed in
   * as many of the ways as its skill says, longest in the same ones, so that a wet week stays a wet
   * week}
   *
   * @param ahead days from the one after today on
   * @throws Refused when it begins on another day
   */
  public WeatherEnsemble foretold(DailyWeather ahead) {
    if (!ahead.start().equals(today.plusDays(1))) {
      throw new Refused(
          "", "the forecast begins on %s, not on the day after %s".formatted(ahead.start(), today));
    }
    List<Sky> all = new ArrayList<>();
    for (int way = 0; way < ensemble.size(); way++) {
      Sky sky = ensemble.get(way);
      int believed = believed(way, ahead.days());
      DailyWeather weather = sky.weather();
      LocalDate last = ahead.start().plusDays(believed - 1L);
      boolean within = believed > 0 && weather.covers(today, last.plusDays(1));
      all.add(
          within
              ? sky.changed(
                  weather
                      .until(today)
                      .followedBy(ahead.until(last))
                      .followedBy(weather.slice(last.plusDays(1), weather.end())),
                  weather.indexOf(ahead.start()),
                  weather.indexOf(last) + 1)
              : sky);
    }
    return new WeatherEnsemble(seasonYear, today, firstPastYear, all);
  }

  /** How many days ahead a way believes the forecast; over all ways the share falls as skill. */
  private static int believed(int way, int days) {
    double rank = ((way + 0.5) * GOLDEN) % 1;
    int lead = 0;
    while (lead < days && rank < ForecastStandIn.skill(lead + 1)) {
      lead++;
    }
    return lead;
  }

  private static DailyWeather oneWay(
      LocalDate from,
      LocalDate to,
      LocalDate today,
      int shift,
      DailyWeather history,
      @Nullable DailyWeather seen) {
    if (seen == null || seen.start().isAfter(from) || seen.end().isBefore(from)) {
      return sameLength(history, from.plusYears(shift), from, to, null);
    }
    LocalDate lastSeen = min(min(seen.end(), today), to);
    if (lastSeen.isBefore(from)) {
      return sameLength(history, from.plusYears(shift), from, to, null);
    }
    DailyWeather start = seen.slice(from, lastSeen);
    if (!lastSeen.isBefore(to)) {
      return start;
    }
    LocalDate next = lastSeen.plusDays(1);
    return sameLength(history, next.plusYears(shift), next, to, start);
  }

  private static DailyWeather sameLength(
      DailyWeather history,
      LocalDate pastFrom,
      LocalDate from,
      LocalDate to,
      @Nullable DailyWeather before) {
    long days = java.time.temporal.ChronoUnit.DAYS.between(from, to);
    LocalDate pastTo = pastFrom.plusDays(days);
    DailyWeather past = history.slice(pastFrom, min(pastTo, history.end()));
    return before == null ? past.startingOn(from) : before.followedBy(past);
  }

  private static LocalDate min(LocalDate a, LocalDate b) {
    return a.isBefore(b) ? a : b;
  }

  /** {@return the year whose autumn is planned} */
  public int seasonYear() {
    return seasonYear;
  }

  /** {@return the last day that was seen} */
  public LocalDate today() {
    return today;
  }

  /** {@return one sky for each past year} All begin on 1 January of the season's year. */
  public List<Sky> ensemble() {
    return ensemble;
  }

  /**
   * {@return the past year that gave the days to come of the sky at an index}
   *
   * @param index index from the first
   */
  public int pastYear(int index) {
    return firstPastYear + index;
  }

  /** {@return how many past years there are} */
  public int years() {
    return ensemble.size();
  }

  /**
   * {@return of each day after today, the share of the ways in which rain wets the ground, 0..1}
   *
   * @param days how many
   */
  public double[] wetShares(int days) {
    double[] shares = new double[days];
    for (int d = 0; d < days; d++) {
      LocalDate day = today.plusDays(d + 1L);
      long wet = ensemble.stream().filter(s -> s.weather().wettingMm(day).isPresent()).count();
      shares[d] = (double) wet / years();
    }
    return shares;
  }

  /** {@return the first day all skies share} */
  public LocalDate start() {
    return LocalDate.of(seasonYear, Month.JANUARY, 1);
  }
}
