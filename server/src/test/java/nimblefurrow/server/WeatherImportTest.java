package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Daily weather from somebody's table. */
class WeatherImportTest {
  private static final Map<String, Object> METRIC =
      Map.of("temperature", "C", "precip", "mm", "wind", "ms", "date", "iso");

  private static Map<String, Object> mapping(
      Map<String, Object> units, boolean fill, String date, String low, String high, String rain) {
    return Map.of(
        "mapping",
        Map.of(
            "columns", Map.of("date", date, "tmin", low, "tmax", high, "precip", rain),
            "units", units,
            "fillGaps", fill));
  }

  private static String station(Api owner, String farm) throws Exception {
    Map<String, Object> station =
        Map.of("name", "Yard", "latitudeDeg", 41.2, "elevationM", 360, "coastal", false);
    return farm
        + "/stations/"
        + owner.post(farm + "/stations", station).ok().json().get("id").asString();
  }

  @Test
  void impossibleAndMissingDaysAreReportedAndFilledWhenAsked() throws Exception {
    Api owner = Api.owner();
    String station = station(owner, owner.newFarm());
    String file =
        "date,low,high,rain\n2020-01-01,-5,3,0\n2020-01-02,4,-6,0\n2020-01-04,-3,5,2.5\n"
            + "2020-01-05,-80,5,0\n2020-01-06,-1,7,0\n";
    byte[] bytes = file.getBytes(StandardCharsets.UTF_8);
    Map<String, Object> asIs = mapping(METRIC, false, "date", "low", "high", "rain");
    JsonNode report = owner.upload(station + "/import", bytes, asIs).ok().json();
    assertThat(report.get("stored").asBoolean()).isFalse();
    assertThat(report.get("faults").toString())
        .contains("line 3", "the lowest temperature, 4.0 °C, is above the highest, -6.0 °C")
        .contains("line 5", "cannot be")
        .contains("2020-01-02 to 2020-01-03 are missing");
    Map<String, Object> filled = mapping(METRIC, true, "date", "low", "high", "rain");
    report = owner.upload(station + "/import", bytes, filled).ok().json();
    assertThat(report.get("stored").asBoolean()).isTrue();
    assertThat(report.get("days").asInt()).isEqualTo(6);
    assertThat(report.get("filledDays").asInt()).isEqualTo(3);
  }

  @Test
  void readsWhatASpreadsheetWrites() throws Exception {
    Api owner = Api.owner();
    String station = station(owner, owner.newFarm());
    String file =
        "\uFEFFTag;Tmin °F;Tmax °F;Regen in\n31.12.2019;20,5;41,0;0,10\n01.01.2020;23,0;44,6;0\n";
    Map<String, Object> units =
        Map.of("temperature", "F", "precip", "in", "wind", "ms", "date", "dmy");
    Map<String, Object> mapping = mapping(units, false, "Tag", "Tmin °F", "Tmax °F", "Regen in");
    byte[] utf8 = file.getBytes(StandardCharsets.UTF_8);
    JsonNode check = owner.upload(station + "/check", utf8, Map.of()).ok().json();
    assertThat(check.get("decimalComma").asBoolean()).isTrue();
    assertThat(check.at("/guess/date").asString()).isEqualTo("Tag");
    byte[] western = file.substring(1).getBytes(Charset.forName("windows-1252"));
    for (byte[] bytes : new byte[][] {utf8, western}) {
      JsonNode report = owner.upload(station + "/import", bytes, mapping).ok().json();
      assertThat(report.get("stored").asBoolean()).as(report.toString()).isTrue();
      assertThat(report.get("first").asString()).isEqualTo("2019-12-31");
    }
  }

  @Test
  void aFarmWithoutWeatherShowsItsFieldsAndAsksForAStation() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    owner
        .upload(
            farm + "/fields/import",
            "{\"type\":\"Polygon\",\"coordinates\":[[[-96.6,41.2],[-96.59,41.2],[-96.59,41.21],[-96.6,41.2]]]}")
        .ok();
    JsonNode furrow = owner.furrow(farm, "Field 1");
    assertThat(furrow.at("/next/reason/text").asString()).contains("import a station's weather");
    String start = farm + "/fields/" + furrow.get("fieldId").asString() + "/start?purpose=holdSoil";
    assertThat(owner.get(start).refused(422)).contains("Import a station's daily weather first");
  }

  private static void days(Api owner, String station, LocalDate from, LocalDate to)
      throws Exception {
    StringBuilder file = new StringBuilder("date,low,high,rain\n");
    for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
      file.append(day).append(day.getMonthValue() % 11 < 3 ? ",-4,3,1\n" : ",7,19,2\n");
    }
    Map<String, Object> mapping = mapping(METRIC, false, "date", "low", "high", "rain");
    owner
        .upload(station + "/import", file.toString().getBytes(StandardCharsets.UTF_8), mapping)
        .ok();
  }

  @Test
  void tooShortARecordHidesNoFieldAndOneYearIsANote() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    owner.post(farm + "/fields", FieldEditTest.field("First Piece")).ok();
    String station = station(owner, farm);
    days(owner, station, LocalDate.of(2026, 1, 1), LocalDate.of(2026, 6, 30));
    JsonNode season = owner.get(farm + "/season").ok().json();
    assertThat(season.get("furrows")).hasSize(1);
    assertThat(season.get("years").asInt()).isZero();
    days(owner, station, LocalDate.of(2024, 1, 1), LocalDate.of(2025, 12, 31));
    season = owner.get(farm + "/season").ok().json();
    assertThat(season.get("furrows")).hasSize(1);
    assertThat(season.get("years").asInt()).isEqualTo(1);
    String field = farm + "/fields/" + season.at("/furrows/0/fieldId").asString();
    assertThat(owner.get(field + "/season").ok().json().get("windows")).isNotEmpty();
  }

  @Test
  void aStationIsChangedAndTakenAwayButNotUnderAFarm() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    String used = station(owner, farm);
    String other = station(owner, farm);
    Map<String, Object> changed =
        Map.of("name", "Ridge", "latitudeDeg", 42.5, "elevationM", 310, "coastal", false);
    assertThat(owner.put(other, changed).ok().json().get("name").asString()).isEqualTo("Ridge");
    assertThat(owner.delete(used).refused(422)).contains("lives under this station");
    owner.delete(other).ok();
    assertThat(owner.get(farm + "/stations").ok().json()).hasSize(1);
    Map<String, Object> nameless =
        Map.of("name", " ", "latitudeDeg", 42.5, "elevationM", 310, "coastal", false);
    assertThat(owner.put(used, nameless).refused(422)).contains("needs a name");
  }
}
