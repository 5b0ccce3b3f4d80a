package nimblefurrow.server.weather;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.time.Month;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntPredicate;
import nimblefurrow.core.weather.Climate;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.ForecastStandIn;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.WeatherEnsemble;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.Memory;
import nimblefurrow.server.support.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stations and the weather a farm may know today. */
@Service
public class WeatherService {
  private static final int FORETOLD_DAYS = 7;
  private static final int BATCH = 500;
  private static final int FEW_YEARS = 3;
  private static final int LONGEST_NAME = 80;

  /** Two years of days, as a sky keeps them. */
  private static final long SKY_BYTES = 80_000;

  private final Stations stations;
  private final StationDays days;
  private final EntityManager entities;
  private final Memory memory;
  // The latest day of each farm: what hangs on neither that day nor the one before, which is told
  // beside it, is of no more use.
  private final Map<UUID, WeatherStamp> latest = new ConcurrentHashMap<>();

  WeatherService(Stations stations, StationDays days, EntityManager entities, Memory memory) {
    this.stations = stations;
    this.days = days;
    this.entities = entities;
    this.memory = memory;
  }

  private record Key(WeatherStamp stamp) implements WeatherStamp.Stamped {}

  /** What a farm's station is called; nothing when it has none. */
  @Transactional(readOnly = true)
  public Optional<String> stationName(FarmView farm) {
    return Optional.ofNullable(farm.stationId())
        .flatMap(id -> stations.over(farm.id(), id))
        .map(s -> s.name);
  }

  /**
   * The weather of a farm's season as far as it is known on the farm's day.
   *
   * @throws InputProblem when the farm has no station or too short a record
   */
  public FarmWeather of(FarmView farm) {
    return find(farm)
        .orElseThrow(
            () ->
                new InputProblem(
                    "weather",
                    "Import a station's daily weather first: windows and odds need at least one"
                        + " past year of it, from January to the August after."));
  }

  /** The weather of a farm's season, when there is a station with days up to the farm's day. */
  public Optional<FarmWeather> find(FarmView farm) {
    if (farm.stationId() == null) {
      return Optional.empty();
    }
    StationEntity station =
        stations
            .over(farm.id(), farm.stationId())
            .orElseThrow(() -> new NotFound("There is no such station."));
    StationRecord record = record(station);
    if (record.isEmpty() || !holdsASeason(record.first(), record.last(), farm)) {
      return Optional.empty();
    }
    WeatherStamp stamp =
        new WeatherStamp(station.id, station.version, farm.seasonYear(), farm.today(), false);
    WeatherStamp before = latest.get(farm.id());
    WeatherStamp now = latest.merge(farm.id(), stamp, WeatherStamp::newer);
    if (before != null && !now.equals(before)) {
      memory.forget(k -> k instanceof WeatherStamp.Stamped s && isOver(s.stamp(), before));
    }
    return Optional.of(
        memory.get(new Key(stamp), FarmWeather::bytes, k -> load(station, record, stamp)));
  }

  private record RecordedKey(UUID station, long version, LocalDate from, LocalDate to) {}

  /**
   * The sky there was over a farm's season and the year before, up to the last day that was seen;
   * nothing where nobody measured it from a January on.
   */
  public Optional<Sky> recorded(FarmView farm) {
    UUID of = farm.stationId();
    StationEntity station = of == null ? null : stations.over(farm.id(), of).orElse(null);
    if (station == null) {
      return Optional.empty();
    }
    StationRecord days = record(station);
    LocalDate august = LocalDate.of(farm.seasonYear() + 1, Month.AUGUST, 31);
    LocalDate to = august.isAfter(farm.today()) ? farm.today() : august;
    for (int back = 1; back >= 0; back--) {
      LocalDate from = LocalDate.of(farm.seasonYear() - back, Month.JANUARY, 1);
      DailyWeather seen = days.isEmpty() || !from.isBefore(to) ? null : days.from(from, to);
      if (seen != null) {
        RecordedKey key = new RecordedKey(station.id, station.version, from, seen.end());
        Place place = new Place(station.latitudeDeg, station.elevationM, station.coastal);
        return Optional.of(memory.get(key, s -> SKY_BYTES, k -> Sky.over(seen, place)));
      }
    }
    return Optional.empty();
  }

  private StationRecord record(StationEntity station) {
    return memory.get(
        new StationRecord.Key(station.id, station.version),
        StationRecord::bytes,
        k -> new StationRecord(days.rows(k.station())));
  }

  /** Whether no farm asks any more for what hangs on a stamp of a station. */
  private boolean isOver(WeatherStamp kept, WeatherStamp ofStation) {
    return kept.isOfStation(ofStation)
        && latest.values().stream().noneMatch(farm -> farm.asksFor(kept));
  }

  /** Odds need one past year at least, from its January to the August after it. */
  private static boolean holdsASeason(LocalDate first, LocalDate last, FarmView farm) {
    LocalDate newYear =
        first.getDayOfYear() == 1 ? first : LocalDate.of(first.getYear() + 1, Month.JANUARY, 1);
    LocalDate august = LocalDate.of(newYear.getYear() + 1, Month.AUGUST, 31);
    LocalDate before = LocalDate.of(farm.seasonYear() - 1, Month.DECEMBER, 31);
    return !august.isAfter(last) && !august.isAfter(farm.today()) && !august.isAfter(before);
  }

  /**
   * The same with the forecast for the next days in the ways the season may go, believed as far as
   * its skill reaches; without a forecast nothing else than {@link #of}.
   */
  public FarmWeather foretold(FarmView farm) {
    FarmWeather known = of(farm);
    Optional<DailyWeather> ahead = ahead(farm, FORETOLD_DAYS);
    return ahead.isEmpty()
        ? known
        : memory.get(
            new Key(known.stamp().withForecast()),
            FarmWeather::bytes,
            k ->
                new FarmWeather(
                    k.stamp(),
                    known.ensemble().foretold(ahead.get()),
                    known.climate(),
                    known.record(),
                    known.place(),
                    known.before()));
  }

  /**
   * Days after today: for the demo a forecast that errs, else those that were imported as one.
   *
   * @return up to {@code count} days; nothing when there are none
   */
  public Optional<DailyWeather> ahead(FarmView farm, int count) {
    if (farm.stationId() == null) {
      return Optional.empty();
    }
    StationEntity station = stations.over(farm.id(), farm.stationId()).orElseThrow();
    DailyWeather truth =
        record(station).from(farm.today().plusDays(1), farm.today().plusDays(count));
    if (truth == null) {
      return Optional.empty();
    }
    return Optional.of(
        farm.demo() ? ForecastStandIn.of(truth, of(farm).climate().record(), farm.today()) : truth);
  }

  private FarmWeather load(StationEntity station, StationRecord days, WeatherStamp key) {
    DailyWeather record = days.until(key.today());
    DailyWeather history = FarmWeather.past(record, key.seasonYear());
    LocalDate from = history.start();
    LocalDate to = history.end();
    Place place = new Place(station.latitudeDeg, station.elevationM, station.coastal);
    WeatherEnsemble ensemble =
        WeatherEnsemble.join(key.seasonYear(), key.today(), history, record, place);
    // As many years as the odds rest on: the first year only leads into its season.
    boolean many = !to.isBefore(from.plusYears(FEW_YEARS));
    DailyWeather whole = many ? history.slice(from.plusYears(1), to) : history;
    WeatherStamp earlier =
        new WeatherStamp(
            key.station(), key.version(), key.seasonYear() - 1, key.today(), key.foretold());
    return new FarmWeather(
        key,
        ensemble,
        Climate.of(whole),
        record,
        place,
        () -> memory.get(new Key(earlier), FarmWeather::bytes, k -> load(station, days, earlier)));
  }

  /** The stations of a farm. */
  @Transactional(readOnly = true)
  public List<StationView> stations(UUID farmId) {
    return stations.findByFarmIdOrderByName(farmId).stream().map(this::view).toList();
  }

  /**
   * Changes what is said of a station; its days stay.
   *
   * @throws NotFound when the farm has no such station
   */
  @Transactional
  public StationView change(UUID farmId, UUID stationId, String name, Place place) {
    requireName(name);
    StationEntity station = station(farmId, stationId);
    station.name = name.strip();
    station.latitudeDeg = place.latitudeDeg();
    station.elevationM = place.elevationM();
    station.coastal = place.coastal();
    return view(stations.saveAndFlush(station));
  }

  /**
   * Takes a station away with all its days.
   *
   * @throws InputProblem when a farm lives under it
   */
  @Transactional
  public void remove(UUID farmId, UUID stationId) {
    StationEntity station = station(farmId, stationId);
    if (stations.inUse(farmId, stationId)) {
      throw new InputProblem(
          "station", "A farm lives under this station; choose another one for it first.");
    }
    days.clear(stationId, LocalDate.of(1, 1, 1), LocalDate.of(9999, 12, 31));
    stations.delete(station);
  }

  private static void requireName(String name) {
    if (name.isBlank() || name.strip().length() > LONGEST_NAME) {
      throw new InputProblem("name", "A station needs a name of up to 80 characters.");
    }
  }

  /** Adds a station to a farm. */
  @Transactional
  public StationView add(UUID farmId, String name, Place place) {
    requireName(name);
    StationEntity station = new StationEntity();
    station.id = UUID.randomUUID();
    station.farmId = farmId;
    station.name = name.strip();
    station.latitudeDeg = place.latitudeDeg();
    station.elevationM = place.elevationM();
    station.coastal = place.coastal();
    stations.saveAndFlush(station);
    return view(station);
  }

  /**
   * Stores days, in place of any the station has for the same time.
   *
   * @param filled which days were filled rather than measured
   */
  @Transactional
  public StationView store(UUID farmId, UUID stationId, DailyWeather weather, IntPredicate filled) {
    StationEntity station = station(farmId, stationId);
    days.clear(stationId, weather.start(), weather.end());
    for (int i = 0; i < weather.days(); i++) {
      StationDay day = new StationDay();
      day.key = new StationDay.Key(stationId, weather.start().plusDays(i));
      day.tminC = (float) weather.tminC(i);
      day.tmaxC = (float) weather.tmaxC(i);
      day.precipMm = (float) weather.precipMm(i);
      day.windMs = orNull(weather.windMs(i));
      day.dewPointC = orNull(weather.dewPointC(i));
      day.filled = filled.test(i);
      entities.persist(day);
      if (i % BATCH == BATCH - 1) {
        entities.flush();
        entities.clear();
      }
    }
    entities.flush();
    entities.clear();
    StationEntity fresh = station(farmId, stationId);
    // A new version tells every cache that the weather changed.
    entities.lock(fresh, jakarta.persistence.LockModeType.PESSIMISTIC_FORCE_INCREMENT);
    return view(station);
  }

  private static @org.jspecify.annotations.Nullable Float orNull(double value) {
    return Double.isNaN(value) ? null : (float) value;
  }

  private StationView view(StationEntity s) {
    return new StationView(
        s.id,
        s.name,
        s.latitudeDeg,
        s.elevationM,
        s.coastal,
        days.days(s.id),
        days.filledDays(s.id),
        days.first(s.id),
        days.last(s.id));
  }

  /**
   * A station of a farm.
   *
   * @throws NotFound when the farm has no such station
   */
  @Transactional(readOnly = true)
  public StationView ofFarm(UUID farmId, UUID stationId) {
    return view(station(farmId, stationId));
  }

  private StationEntity station(UUID farmId, UUID id) {
    return stations.get(farmId, id, "This farm has no such station.");
  }
}
