package nimblefurrow.core.weather;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.GZIPInputStream;
import nimblefurrow.core.units.CsvTable;
import org.apache.commons.csv.CSVRecord;

/**
 * A shipped station, invented.
 *
 * @param name its name
 * @param place where it stands
 * @param longitudeDeg east positive
 * @param file its record
 */
public record Station(String name, Place place, double longitudeDeg, String file) {
  /** {@return the stations that ship with the model} */
  public static List<Station> shipped() {
    List<Station> all = new ArrayList<>();
    for (CSVRecord r : CsvTable.shipped("weather/stations.csv")) {
      Place place =
          new Place(
              CsvTable.number(r, "latitude_deg"),
              CsvTable.number(r, "elevation_m"),
              Boolean.parseBoolean(r.get("coastal")));
      all.add(
          new Station(r.get("station"), place, CsvTable.number(r, "longitude_deg"), r.get("file")));
    }
    return all;
  }

  /** {@return its years of daily weather} */
  public DailyWeather record() {
    String path = "/nimblefurrow/core/weather/" + file;
    try (InputStream in = Station.class.getResourceAsStream(path)) {
      if (in == null) {
        throw new IllegalStateException("no shipped record " + path);
      }
      List<CSVRecord> rows =
          CsvTable.rows(
              new BufferedReader(
                  new InputStreamReader(new GZIPInputStream(in), StandardCharsets.UTF_8)));
      return DailyWeather.of(
          LocalDate.parse(rows.get(0).get("date")),
          column(rows, "tmin_c"),
          column(rows, "tmax_c"),
          column(rows, "precip_mm"),
          column(rows, "wind_ms"),
          column(rows, "tdew_c"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static double[] column(List<CSVRecord> rows, String name) {
    return rows.stream().mapToDouble(r -> CsvTable.number(r, name)).toArray();
  }
}
