package nimblefurrow.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Station;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.server.archive.FarmContent;
import nimblefurrow.server.archive.FarmStore;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.FieldImport;
import nimblefurrow.server.fields.FieldInput;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.people.AccountService;
import nimblefurrow.server.people.DemoMode;
import nimblefurrow.server.people.Person;
import nimblefurrow.server.people.Role;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.weather.StationView;
import nimblefurrow.server.weather.WeatherService;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Loads the made-up farm once, in demo mode only. */
@Component
class DemoFarm implements SmartInitializingSingleton {
  private static final Logger LOG = LoggerFactory.getLogger(DemoFarm.class);
  private static final String NAME = "Sandpiper Bend";
  private static final String NEXT_DOOR = "Tern Hollow";
  private static final String NEIGHBOUR = "neighbour@example.org";
  static final LocalDate DAY = LocalDate.of(2026, 9, 12);
  private static final long WEATHER_SEED = 4107;

  private final DemoMode mode;
  private final AccountService accounts;
  private final Access access;
  private final FarmService farms;
  private final FieldService fields;
  private final FieldImport imports;
  private final PlanService plans;
  private final WeatherService weather;
  private final DemoYears years;
  private final DemoPieces pieces;
  private final DemoShed shed;
  private final DemoPictures pictures;
  private final DemoTrials trials;
  private final DemoHerd herd;
  private final DemoOwnJobs ownJobs;
  private final TransactionTemplate transaction;
  private final FarmStore store;
  private final String tokenFile;
  private volatile @Nullable Fresh fresh;

  DemoFarm(
      DemoMode mode,
      AccountService accounts,
      Access access,
      FarmService farms,
      FieldService fields,
      FieldImport imports,
      PlanService plans,
      WeatherService weather,
      DemoYears years,
      DemoPieces pieces,
      DemoShed shed,
      DemoPictures pictures,
      DemoTrials trials,
      DemoHerd herd,
      DemoOwnJobs ownJobs,
      TransactionTemplate transaction,
      FarmStore store,
      @Value("${nimble-furrow.demo-token-file}") String tokenFile) {
    this.mode = mode;
    this.accounts = accounts;
    this.access = access;
    this.farms = farms;
    this.fields = fields;
    this.imports = imports;
    this.plans = plans;
    this.weather = weather;
    this.years = years;
    this.pieces = pieces;
    this.shed = shed;
    this.pictures = pictures;
    this.trials = trials;
    this.herd = herd;
    this.ownJobs = ownJobs;
    this.transaction = transaction;
    this.store = store;
    this.tokenFile = tokenFile;
  }

  @Override
  public void afterSingletonsInstantiated() {
    // Before the server listens: whoever comes first finds the farm whole.
    if (mode.on() && accounts.find(DemoMode.OWNER).isEmpty()) {
      try {
        transaction.executeWithoutResult(status -> load());
      } catch (DataIntegrityViolationException e) {
        // Another server on the same database was first: its farm is this one's too.
        LOG.info("the demo farm is there already");
      }
    }
  }

  private void load() {
    Person owner = accounts.openWithoutPassword(DemoMode.OWNER, "Maren");
    UUID farm = found(NAME, owner, null);
    loadWhole(farm, owner.id());
    // Next door someone else farms, for whom the demo's owner may work.
    Person neighbour = accounts.openWithoutPassword(NEIGHBOUR, "Ilse");
    UUID next = found(NEXT_DOOR, neighbour, farms.get(farm).stationId());
    load(next, "neighbour", neighbour.id());
    access.grant(owner.id(), next, Role.OPERATOR);
    writeToken(owner.id());
  }

  /** The same farm again under another name, with the first one's weather. */
  FarmView copy(String name, Person owner) {
    return Objects.requireNonNull(
        transaction.execute(
            status -> {
              UUID first =
                  access.farms(accounts.find(DemoMode.OWNER).orElseThrow().id()).keySet().stream()
                      .map(farms::get)
                      .filter(f -> f.demo() && f.stationId() != null)
                      .findFirst()
                      .map(FarmView::stationId)
                      .orElseThrow(() -> new NotFound("The demo farm is not loaded."));
              UUID farm = found(name, owner, first);
              Fresh known = fresh;
              if (known == null) {
                loadWhole(farm, owner.id());
                fresh = new Fresh(store.withoutWeather(farm), owner.id());
              } else {
                store.put(known.content, farm, Map.of(known.owner, owner.id()), false);
              }
              return farms.see(farm);
            }));
  }

  /** The farm as it was loaded before anyone touched it, and who owned it then. */
  private record Fresh(FarmContent content, UUID owner) {}

  private void loadWhole(UUID farm, UUID owner) {
    load(farm, "fields", owner);
    shed.load(farm);
    trials.load(farm);
    herd.load(farm);
    ownJobs.load(farm);
  }

  private UUID found(String name, Person owner, @Nullable UUID station) {
    UUID farm = farms.found(name, owner.id()).id();
    farms.makeDemo(farm, DAY);
    farms.useStation(farm, station == null ? station(farm) : station);
    return farm;
  }

  private void load(UUID farm, String files, UUID owner) {
    imports.take(farm, DemoRows.resource(files + ".geojson"), "name", false);
    Map<String, FieldView> byName = new HashMap<>();
    fields.list(farm).forEach(f -> byName.put(f.name(), f));
    List<PlanService.Save> saves = new ArrayList<>();
    for (CSVRecord row : DemoRows.rows(files + ".csv")) {
      FieldView field = byName.get(row.get("name"));
      if (field == null) {
        throw new IllegalStateException("the demo has no boundary for " + row.get("name"));
      }
      field = fields.change(farm, field.id(), input(row, field));
      PlanInput plan = DemoRows.plan(row);
      if (plan != null) {
        saves.add(PlanService.Save.fresh(field.piece(), plan, field.name()));
      }
      years.log(farm, field, row, owner);
      years.putAside();
    }
    if (files.equals("fields")) {
      years.load(farm, owner);
    }
    plans.save(farm, DAY.getYear(), saves, "autumn plan", owner);
    if (files.equals("fields")) {
      years.putAside();
      pieces.divide(farm);
      pictures.load(farm, owner);
    }
  }

  /** Thirty shipped years, and made-up ones from then to the end of the demonstration. */
  private UUID station(UUID farmId) {
    Station shipped = Station.shipped().get(0);
    StationView station = weather.add(farmId, shipped.name(), shipped.place());
    DailyWeather past = shipped.record();
    DailyWeather now =
        WeatherGenerator.of(shipped.name())
            .generate(past.end().plusDays(1), LocalDate.of(2027, 8, 31), WEATHER_SEED);
    weather.store(farmId, station.id(), past.followedBy(now), i -> false);
    return station.id();
  }

  private static FieldInput input(CSVRecord r, FieldView field) {
    return new FieldInput(
        field.version(),
        field.name(),
        null,
        r.get("texture"),
        r.get("drainage"),
        r.get("tiled").equals("yes"),
        Double.parseDouble(r.get("slope")),
        r.get("erodible").equals("yes"),
        r.get("organic").equals("yes"),
        r.get("notes"),
        r.get("notes").contains("rented from the neighbour") ? "the neighbour" : "",
        r.isMapped("hazards") ? r.get("hazards") : null,
        r.get("left_out").isEmpty() ? null : r.get("left_out"),
        DemoRows.crop(r),
        new CropView(r.get("next"), DemoRows.day(r.get("next_planted")), null, null, null));
  }

  private void writeToken(UUID owner) {
    if (tokenFile.isBlank()) {
      return;
    }
    Path path = Path.of(tokenFile);
    try {
      Files.deleteIfExists(path);
      Files.createFile(
          path, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
      Files.writeString(path, accounts.makeToken(owner, "demo start").secret() + "\n");
    } catch (IOException e) {
      throw new UncheckedIOException("the demo's token cannot be written to " + path, e);
    }
  }
}
