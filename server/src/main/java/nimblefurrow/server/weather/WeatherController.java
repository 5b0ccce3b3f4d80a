package nimblefurrow.server.weather;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.weather.Place;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.CsvText;
import nimblefurrow.server.support.InputProblem;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Stations of a farm and their daily weather. */
@RestController
@RequestMapping("/api/farms/{farmId}/stations")
class WeatherController {
  private static final int SAMPLE_ROWS = 3;

  private final WeatherService weather;
  private final FarmService farms;
  private final Access access;

  WeatherController(WeatherService weather, FarmService farms, Access access) {
    this.weather = weather;
    this.farms = farms;
    this.access = access;
  }

  record StationInput(String name, double latitudeDeg, double elevationM, boolean coastal) {}

  record Mapping(WeatherFile.Columns columns, WeatherFile.Units units, boolean fillGaps) {}

  /** What a file looks like before anything is stored. */
  record FileCheck(
      List<String> columns,
      WeatherFile.Columns guess,
      List<List<String>> sample,
      int rows,
      boolean decimalComma) {}

  /** What an import found, and stored if {@code stored}. */
  record ImportReport(
      boolean stored,
      @Nullable LocalDate first,
      @Nullable LocalDate last,
      int days,
      int filledDays,
      int faultCount,
      List<InputProblem.At> faults,
      @Nullable StationView station) {}

  @GetMapping
  List<StationView> list(@PathVariable UUID farmId) {
    access.see(farmId);
    return weather.stations(farmId);
  }

  @PostMapping
  @Transactional
  public StationView add(@PathVariable UUID farmId, @RequestBody StationInput s) {
    access.manage(farmId);
    StationView station =
        weather.add(farmId, s.name(), new Place(s.latitudeDeg(), s.elevationM(), s.coastal()));
    if (farms.get(farmId).stationId() == null) {
      farms.useStation(farmId, station.id());
    }
    return station;
  }

  @PutMapping("/{stationId}")
  StationView change(
      @PathVariable UUID farmId, @PathVariable UUID stationId, @RequestBody StationInput s) {
    access.manage(farmId);
    return weather.change(
        farmId, stationId, s.name(), new Place(s.latitudeDeg(), s.elevationM(), s.coastal()));
  }

  @DeleteMapping("/{stationId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID stationId) {
    access.manage(farmId);
    weather.remove(farmId, stationId);
  }

  @PutMapping("/{stationId}/use")
  FarmView use(@PathVariable UUID farmId, @PathVariable UUID stationId) {
    access.manage(farmId);
    weather.ofFarm(farmId, stationId);
    farms.useStation(farmId, stationId);
    return farms.see(farmId);
  }

  @PostMapping(path = "/{stationId}/check", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  FileCheck check(
      @PathVariable UUID farmId,
      @PathVariable UUID stationId,
      @RequestPart("file") MultipartFile file)
      throws IOException {
    access.manage(farmId);
    weather.ofFarm(farmId, stationId);
    CsvText table = CsvText.read(file.getBytes());
    List<List<String>> sample = new ArrayList<>();
    for (CSVRecord row : table.rows()) {
      if (sample.size() == SAMPLE_ROWS) {
        break;
      }
      sample.add(row.toList());
    }
    return new FileCheck(
        table.columns(), WeatherFile.guess(table), sample, table.count(), table.decimalComma());
  }

  @PostMapping(path = "/{stationId}/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  ImportReport store(
      @PathVariable UUID farmId,
      @PathVariable UUID stationId,
      @RequestPart("file") MultipartFile file,
      @RequestPart("mapping") Mapping mapping)
      throws IOException {
    access.manage(farmId);
    weather.ofFarm(farmId, stationId);
    WeatherFile.Found found =
        WeatherFile.read(
            CsvText.read(file.getBytes()), mapping.columns(), mapping.units(), mapping.fillGaps());
    if (found.weather() == null) {
      return new ImportReport(
          false, null, null, found.filled().length, 0, found.faultCount(), found.faults(), null);
    }
    boolean[] filled = found.filled();
    StationView station = weather.store(farmId, stationId, found.weather(), i -> filled[i]);
    int filledDays = 0;
    for (boolean f : filled) {
      filledDays += f ? 1 : 0;
    }
    return new ImportReport(
        true,
        found.weather().start(),
        found.weather().end(),
        filled.length,
        filledDays,
        found.faultCount(),
        found.faults(),
        station);
  }
}
