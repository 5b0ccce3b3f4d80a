package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Rotations made once and laid over fields. */
class RotationTest {
  private static Map<String, Object> rye(String seedOn, String endOn) {
    return Map.of(
        "purposes",
        List.of("holdSoil"),
        "components",
        List.of(Map.of("species", "cereal_rye", "rateKgPerHa", 70)),
        "method",
        "drill",
        "seedOn",
        seedOn,
        "ending",
        "sprayEarly",
        "endOn",
        endOn);
  }

  private static Map<String, Object> rotation(String id, Object... years) {
    Map<String, Object> r = new HashMap<>();
    r.put("id", id);
    r.put("name", "Corn and beans " + id.substring(0, 4));
    r.put("years", List.of(years));
    return r;
  }

  private static Map<String, Object> year(String crop, Map<String, Object> cover) {
    return cover == null ? Map.of("crop", crop) : Map.of("crop", crop, "cover", cover);
  }

  private static JsonNode cell(JsonNode years, String field, int season) {
    JsonNode row =
        StreamSupport.stream(years.get("rows").spliterator(), false)
            .filter(r -> r.get("fieldId").asString().equals(field))
            .findFirst()
            .orElseThrow();
    return StreamSupport.stream(row.get("years").spliterator(), false)
        .filter(y -> y.get("season").asInt() == season)
        .findFirst()
        .orElseThrow();
  }

  private static long covers(JsonNode years, String field, int season) {
    return StreamSupport.stream(years.get("rows").spliterator(), false)
        .filter(r -> r.get("fieldId").asString().equals(field))
        .flatMap(r -> StreamSupport.stream(r.get("links").spliterator(), false))
        .filter(l -> l.get("kind").asString().equals("cover"))
        .filter(l -> l.get("season").asInt() == season)
        .count();
  }

  @Test
  void itFillsTheYearsAheadAndLeavesWhatWasSetByHand() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String id = UUID.randomUUID().toString();
    String path = farm + "/rotations/" + id;
    owner
        .put(
            path,
            rotation(
                id,
                year("corn", rye("10-05", "04-25")),
                year("soybean", null),
                year("smallGrain", null)))
        .ok();
    String field = owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    // 2029 is soybeans by hand; corn of the rotation is not put in its place.
    owner.put(farm + "/fields/" + field + "/crops/2029", Map.of("kind", "soybean")).ok();
    owner.put(farm + "/fields/" + field + "/crops/2031", Map.of("kind", "silageCorn")).ok();
    Map<String, Object> lay =
        Map.of("fieldIds", List.of(field), "from", 2029, "to", 2032, "offset", 0);

    JsonNode tried = owner.post(path + "/try", lay).ok().json();
    assertThat(tried.at("/fields/0/years/0/kept").asString()).isEqualTo("set by hand: soybeans");
    assertThat(
            cell(owner.get(farm + "/years?from=2026&to=2034").ok().json(), field, 2030).has("crop"))
        .isFalse();

    JsonNode laid = owner.post(path + "/lay", lay).ok().json();
    assertThat(laid.get("filled").asInt()).isEqualTo(2);
    assertThat(laid.get("kept").asInt()).isEqualTo(2);
    JsonNode years = owner.get(farm + "/years?from=2026&to=2034").ok().json();
    assertThat(cell(years, field, 2029).at("/crop/kind").asString()).isEqualTo("soybean");
    assertThat(cell(years, field, 2030).at("/crop/kind").asString()).isEqualTo("soybean");
    assertThat(cell(years, field, 2031).at("/crop/kind").asString()).isEqualTo("silageCorn");
    assertThat(cell(years, field, 2032).at("/crop/kind").asString()).isEqualTo("corn");
    assertThat(covers(years, field, 2032)).isEqualTo(1);
    assertThat(covers(years, field, 2030)).isZero();

    // Four years, crops and covers: one step in the plan's history, as it is one to take back.
    JsonNode history = owner.get(farm + "/fields/" + field + "/season").ok().json().get("history");
    assertThat(StreamSupport.stream(history.spliterator(), false))
        .filteredOn(c -> c.get("what").asString().contains("Corn and beans"))
        .hasSize(1);

    // Laid again with another first year, what came of it follows, what was set by hand stays.
    Map<String, Object> other =
        Map.of("fieldIds", List.of(field), "from", 2029, "to", 2032, "offset", 2);
    owner.post(path + "/lay", other).ok();
    JsonNode again = owner.get(farm + "/years?from=2026&to=2034").ok().json();
    assertThat(cell(again, field, 2030).at("/crop/kind").asString()).isEqualTo("corn");
    assertThat(covers(again, field, 2030)).isEqualTo(1);
    assertThat(cell(again, field, 2031).at("/crop/kind").asString()).isEqualTo("silageCorn");

    // One step takes back crops and covers together, each to what it was.
    owner.post(farm + "/plans/undo", Map.of()).ok();
    assertThat(owner.get(farm + "/years?from=2026&to=2034").ok().json().get("rows"))
        .isEqualTo(years.get("rows"));
    owner.post(path + "/lay", other).ok();

    // Once somebody sets a year by hand it is theirs, and no step back takes it away.
    owner.put(farm + "/fields/" + field + "/crops/2030", Map.of("kind", "soybean")).ok();
    owner.post(farm + "/plans/undo", Map.of()).ok();
    assertThat(
            cell(owner.get(farm + "/years?from=2026&to=2034").ok().json(), field, 2030)
                .at("/crop/kind")
                .asString())
        .isEqualTo("soybean");
    owner.post(path + "/lay", other).ok();
    assertThat(
            cell(owner.get(farm + "/years?from=2026&to=2034").ok().json(), field, 2030)
                .at("/crop/kind")
                .asString())
        .isEqualTo("soybean");

    assertThat(owner.get(farm + "/rotations").ok().json()).hasSize(1);
    owner.delete(path).ok();
    assertThat(owner.get(farm + "/rotations").ok().json()).isEmpty();
    assertThat(
            cell(owner.get(farm + "/years?from=2026&to=2034").ok().json(), field, 2032)
                .at("/crop/kind")
                .asString())
        .isEqualTo("smallGrain");
  }

  @Test
  void whatIsInTheGroundStays() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String id = UUID.randomUUID().toString();
    String path = farm + "/rotations/" + id;
    owner.put(path, rotation(id, year("corn", rye("09-01", "04-25")))).ok();
    String field = owner.furrow(farm, "Bluestem").get("fieldId").asString();
    Map<String, Object> lay =
        Map.of("fieldIds", List.of(field), "from", 2026, "to", 2026, "offset", 0);
    owner.post(path + "/lay", lay).ok();
    JsonNode plan = owner.furrow(farm, "Bluestem").get("plan");
    assertThat(plan.at("/plan/seedOn").asString()).isEqualTo("2026-09-01");
    owner
        .put(
            farm + "/fields/" + field + "/log/" + UUID.randomUUID(),
            Map.of("doneOn", "2026-09-03", "kind", "seeded", "words", ""))
        .ok();
    owner.put(path, with(rotation(id, year("corn", rye("10-01", "04-20"))), 0)).ok();
    JsonNode again = owner.post(path + "/lay", lay).ok().json();
    assertThat(again.at("/fields/0/years/0/kept").asString())
        .isEqualTo("its cover is in the ground already");
    assertThat(owner.furrow(farm, "Bluestem").at("/plan/id")).isEqualTo(plan.get("id"));
  }

  private static Map<String, Object> with(Map<String, Object> rotation, long version) {
    rotation.put("version", version);
    return rotation;
  }

  @Test
  void whatCannotBeIsSaid() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String id = UUID.randomUUID().toString();
    String path = farm + "/rotations/" + id;
    assertThat(owner.put(path, rotation(id)).refused(422)).contains("1 to 8 years, not 0");
    assertThat(owner.put(path, rotation(id, year("rice", null))).refused(422))
        .contains("Year 1: there is no crop called");
    assertThat(owner.put(path, rotation(id, year("corn", rye("autumn", "04-25")))).refused(422))
        .contains("Year 1: ")
        .contains("“autumn” is no day of the year");
    assertThat(
            owner
                .put(path, rotation(id, year("corn", null), year("corn", rye("10-05", "10-04"))))
                .refused(422))
        .contains("Year 2: ")
        .contains("after the season is over");
    owner.put(path, rotation(id, year("corn", null))).ok();
    assertThat(owner.put(path, rotation(id, year("corn", null))).refused(409)).contains("changed");
    String field = owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    Map<String, Object> past =
        Map.of("fieldIds", List.of(field), "from", 2025, "to", 2026, "offset", 0);
    assertThat(owner.post(path + "/lay", past).refused(422)).contains("from 2026 on");
    Map<String, Object> none = Map.of("fieldIds", List.of(), "from", 2027, "to", 2028, "offset", 0);
    assertThat(owner.post(path + "/lay", none).refused(422)).contains("at least one field");
    Map<String, Object> long_ =
        Map.of("fieldIds", List.of(field), "from", 2027, "to", 2039, "offset", 0);
    assertThat(owner.post(path + "/lay", long_).refused(422)).contains("1 to 12 seasons");
    Map<String, Object> strange =
        Map.of("fieldIds", List.of(UUID.randomUUID()), "from", 2027, "to", 2028, "offset", 0);
    owner.post(path + "/lay", strange).refused(404);
  }
}
