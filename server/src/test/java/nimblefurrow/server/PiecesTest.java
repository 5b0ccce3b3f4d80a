package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import nimblefurrow.server.picture.CameraPicture;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A field divided into pieces and joined again, on a farm like the demo's. */
class PiecesTest {
  private static List<JsonNode> list(JsonNode all) {
    return StreamSupport.stream(all.spliterator(), false).toList();
  }

  private static JsonNode field(Api owner, String farm, String name) throws Exception {
    return list(owner.get(farm + "/fields").ok().json()).stream()
        .filter(f -> f.get("name").asString().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static Map<String, Object> byArea(JsonNode field, double ha, String... names) {
    return Map.of("version", field.get("version").asLong(), "names", List.of(names), "areaHa", ha);
  }

  private static double needed(Api owner, String farm, String species) throws Exception {
    return list(owner.get(farm + "/seed/needs").ok().json()).stream()
        .filter(n -> n.toString().contains(species))
        .mapToDouble(n -> n.get("needKg").asDouble())
        .sum();
  }

  private static double area(Api owner, String farm) throws Exception {
    return list(owner.get(farm + "/fields").ok().json()).stream()
        .mapToDouble(f -> f.get("areaHa").asDouble())
        .sum();
  }

  /** Hours of work of one's own on a field that has one such job; 0 where it has none. */
  private static double ownHours(Api owner, String farm, String field) throws Exception {
    List<JsonNode> on =
        list(owner.get(farm + "/own-jobs").ok().json()).stream()
            .filter(j -> j.get("fieldId").asString().equals(field))
            .toList();
    assertThat(on.size()).isLessThanOrEqualTo(1);
    return on.isEmpty() ? 0 : on.get(0).get("hours").asDouble();
  }

  @Test
  void aPieceIsAFieldOfItsOwnWithThePastOfBoth() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode whole = field(owner, farm, "Stone House");
    String path = farm + "/fields/" + whole.get("id").asString();
    owner
        .put(
            path + "/log/" + UUID.randomUUID(),
            Map.of("doneOn", "2026-09-10", "kind", "note", "words", "stones picked"))
        .ok();
    String own = UUID.randomUUID().toString();
    owner
        .put(
            farm + "/own-jobs/" + own,
            Map.of(
                "id", own,
                "fieldId", whole.get("id").asString(),
                "work", "manure",
                "words", "haul the pack",
                "from", "2026-10-01",
                "to", "2026-10-20",
                "hours", 10))
        .ok();
    double areaBefore = area(owner, farm);
    double before = needed(owner, farm, "inter barley");
    int rows = owner.get(farm + "/season").ok().json().get("furrows").size();

    JsonNode tried =
        owner
            .post(path + "/split/preview", byArea(whole, 10, "Stone top", "Stone foot"))
            .ok()
            .json();
    assertThat(tried.at("/0/areaHa").asDouble()).isEqualTo(10);
    assertThat(tried.at("/0/shape/polygons").size()).isPositive();
    assertThat(owner.get(farm + "/fields").ok().json()).hasSize(rows);

    JsonNode parts =
        owner.post(path + "/split", byArea(whole, 10, "Stone top", "Stone foot")).ok().json();
    assertThat(parts.at("/0/areaHa").asDouble() + parts.at("/1/areaHa").asDouble())
        .isEqualTo(whole.get("areaHa").asDouble());
    assertThat(parts.at("/0/ofField")).isEqualTo(whole.get("id"));
    assertThat(area(owner, farm)).isCloseTo(areaBefore, within(1e-9));

    JsonNode season = owner.get(farm + "/season").ok().json();
    assertThat(season.get("furrows")).hasSize(rows + 1);
    JsonNode top = owner.furrow(farm, "Stone top");
    assertThat(top.at("/plan/plan/components/0/species").asString()).isEqualTo("winter_barley");
    assertThat(needed(owner, farm, "inter barley")).isCloseTo(before, within(0.01));
    String foot = farm + "/fields/" + parts.at("/1/id").asString();
    assertThat(owner.get(foot + "/log").ok().text()).contains("stones picked");
    JsonNode chain = owner.get(foot + "/chain").ok().json();
    assertThat(chain.get("links").size()).isGreaterThanOrEqualTo(3);

    assertThat(ownHours(owner, farm, parts.at("/0/id").asString()))
        .isCloseTo(10 * 10 / whole.get("areaHa").asDouble(), within(1e-6));
    assertThat(ownHours(owner, farm, whole.get("id").asString())).isZero();

    // Each goes its own way from here.
    Map<String, Object> later = Api.map(top.at("/plan/plan"));
    later.put("seedOn", "2026-09-20");
    Map<String, Object> one = new HashMap<>();
    one.put("fieldId", top.get("fieldId").asString());
    one.put("planId", top.at("/plan/id").asString());
    one.put("version", top.at("/plan/version").asLong());
    one.put("plan", later);
    owner.post(farm + "/plans", Map.of("what", "later", "plans", List.of(one))).ok();
    assertThat(owner.furrow(farm, "Stone foot").at("/plan/plan/seedOn").asString())
        .isEqualTo("2026-09-13");

    Map<String, Object> join =
        Map.of(
            "fieldIds",
            List.of(parts.at("/0/id").asString(), parts.at("/1/id").asString()),
            "name",
            "Stone House");
    assertThat(owner.post(farm + "/fields/join", join).refused(422))
        .contains("Not the same covers stand or are planned on all pieces");
    owner.post(farm + "/plans/undo", Map.of()).ok();
    JsonNode joined = owner.post(farm + "/fields/join", join).ok().json();
    assertThat(joined.get("areaHa").asDouble()).isEqualTo(whole.get("areaHa").asDouble());
    assertThat(owner.get(farm + "/fields").ok().json()).hasSize(rows);
    assertThat(ownHours(owner, farm, joined.get("id").asString()))
        .as("one job again")
        .isCloseTo(10, within(1e-6));
    String again = farm + "/fields/" + joined.get("id").asString();
    assertThat(owner.get(again + "/log").ok().text().split("stones picked", -1)).hasSize(2);
    assertThat(owner.furrow(farm, "Stone House").at("/plan/plan/components/0/species").asString())
        .isEqualTo("winter_barley");
  }

  private static void hasAll(Api owner, String farm, String name) throws Exception {
    String id = field(owner, farm, name).get("id").asString();
    String path = farm + "/fields/" + id;
    JsonNode pictures = owner.get(path + "/pictures").ok().json();
    assertThat(pictures).as(name).hasSize(1);
    assertThat(pictures.at("/0/place/latitude").asDouble()).isEqualTo(41.2);
    assertThat(owner.get(path + "/log").ok().text())
        .contains(pictures.at("/0/entryId").asString(), "a wet spot");
    assertThat(owner.bytes(farm + "/pictures/" + pictures.at("/0/id").asString())).isNotEmpty();
    List<JsonNode> papers =
        list(owner.get(farm + "/papers").ok().json()).stream()
            .filter(p -> p.get("holderId").asString().equals(id))
            .toList();
    assertThat(papers).as(name).hasSize(1);
    assertThat(new String(owner.bytes(farm + "/papers/" + papers.get(0).get("id").asString())))
        .startsWith("%PDF");
    JsonNode chosen = owner.get(path + "/ending").ok().json().get("chosen");
    assertThat(chosen).as(name).hasSize(1);
    assertThat(chosen.at("/0/why").asString()).isEqualTo("no time later");
  }

  @Test
  void picturesPapersAndChoicesGoAlong() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode whole = field(owner, farm, "Mill Quarter");
    String id = whole.get("id").asString();
    String path = farm + "/fields/" + id;
    String entry = path + "/log/" + UUID.randomUUID();
    owner.put(entry, Map.of("doneOn", "2026-09-10", "kind", "note", "words", "a wet spot")).ok();
    String place = "?latitude=41.2&longitude=-96.6";
    owner
        .picture(entry + "/pictures/" + UUID.randomUUID() + place, CameraPicture.bare(60, 40))
        .ok();
    String paper = farm + "/papers?holder=field&holderId=" + id + "&kind=soil";
    owner.upload(paper, "%PDF-1.4 a paper".getBytes(), Map.of()).ok();
    Map<String, Object> choice = new HashMap<>();
    choice.put("way", "sprayEarly");
    choice.put("endOn", "2027-04-22");
    choice.put("plantOn", "2027-05-05");
    choice.put("why", "no time later");
    choice.put("version", owner.get(path + "/ending").ok().json().get("version").asLong());
    owner.post(path + "/ending", choice).ok();
    whole = field(owner, farm, "Mill Quarter");
    owner.post(path + "/split", byArea(whole, 8, "Mill A", "Mill B")).ok();
    hasAll(owner, farm, "Mill A");
    hasAll(owner, farm, "Mill B");
    List<String> ids =
        List.of(
            field(owner, farm, "Mill A").get("id").asString(),
            field(owner, farm, "Mill B").get("id").asString());
    owner.post(farm + "/fields/join", Map.of("fieldIds", ids, "name", "Mill again")).ok();
    hasAll(owner, farm, "Mill again");
  }

  @Test
  void aLineDrawnAcross() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode whole = field(owner, farm, "Creek Forty");
    String id = whole.get("id").asString();
    JsonNode shape =
        list(owner.get(farm + "/shapes").ok().json()).stream()
            .filter(s -> s.get("fieldId").asString().equals(id))
            .findFirst()
            .orElseThrow();
    List<JsonNode> ring = list(shape.at("/polygons/0/0"));
    double west = ring.stream().mapToDouble(p -> p.get(0).asDouble()).min().orElseThrow();
    double east = ring.stream().mapToDouble(p -> p.get(0).asDouble()).max().orElseThrow();
    double south = ring.stream().mapToDouble(p -> p.get(1).asDouble()).min().orElseThrow();
    double north = ring.stream().mapToDouble(p -> p.get(1).asDouble()).max().orElseThrow();
    double middle = (west + east) / 2;
    Map<String, Object> line =
        Map.of(
            "version",
            whole.get("version").asLong(),
            "names",
            List.of("Creek A", "Creek B"),
            "line",
            List.of(List.of(middle, south), List.of(middle, north)));
    JsonNode parts = owner.post(farm + "/fields/" + id + "/split", line).ok().json();
    assertThat(parts.at("/0/areaHa").asDouble())
        .isBetween(0.3 * whole.get("areaHa").asDouble(), 0.7 * whole.get("areaHa").asDouble());
    assertThat(parts.at("/0/areaHa").asDouble() + parts.at("/1/areaHa").asDouble())
        .isCloseTo(whole.get("areaHa").asDouble(), within(1e-9));
    assertThat(owner.get(farm + "/shapes").ok().text()).doesNotContain(id);
    // What was divided is not divided again under its old name.
    assertThat(owner.post(farm + "/fields/" + id + "/split", line).status()).isEqualTo(409);
  }

  @Test
  void whatCannotBeIsSaid() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode whole = field(owner, farm, "Windmill");
    String path = farm + "/fields/" + whole.get("id").asString() + "/split";
    assertThat(owner.post(path, byArea(whole, 9999, "A1", "A2")).refused(422))
        .contains("smaller than all of Windmill");
    assertThat(owner.post(path, byArea(whole, 10, "Dogleg", "A2")).refused(422))
        .contains("already a field called Dogleg");
    assertThat(owner.post(path, byArea(whole, 10, "A2", "a2")).refused(422))
        .contains("already a field called");
    assertThat(owner.post(path, byArea(whole, 10, "A2", " ")).refused(422))
        .contains("needs a name");
    Map<String, Object> miss =
        Map.of(
            "version",
            whole.get("version").asLong(),
            "names",
            List.of("A1", "A2"),
            "line",
            List.of(List.of(0, 0), List.of(1, 1)));
    assertThat(owner.post(path, miss).refused(422)).contains("misses the field");
    Map<String, Object> neither =
        Map.of("version", whole.get("version").asLong(), "names", List.of("A1", "A2"));
    assertThat(owner.post(path, neither).refused(422)).contains("Draw a line");
    Map<String, Object> strangers =
        Map.of(
            "fieldIds",
            List.of(whole.get("id").asString(), field(owner, farm, "Dogleg").get("id").asString()),
            "name",
            "Both");
    assertThat(owner.post(farm + "/fields/join", strangers).refused(422))
        .contains("Windmill and Dogleg are not pieces of one field");
    Map<String, Object> alone =
        Map.of("fieldIds", List.of(whole.get("id").asString()), "name", "Both");
    assertThat(owner.post(farm + "/fields/join", alone).refused(422)).contains("Two pieces");
    assertThat(owner.get(farm + "/fields").ok().json()).hasSize(29);
  }

  @Test
  void partsKeepTheMachineAndTheRowsThatWereMeant() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode whole = field(owner, farm, "Stone House");
    String id = whole.get("id").asString();
    JsonNode stored = owner.furrow(farm, "Stone House").get("plan");
    Map<String, Object> plan = Api.map(stored.get("plan"));
    for (JsonNode m : owner.get(farm + "/machines").ok().json()) {
      if (m.get("name").asString().equals("No-till drill")) {
        plan.put("machineId", m.get("id").asString());
      }
    }
    plan.put(
        "rows",
        Map.of(
            "cropSpacingM",
            0.762,
            "openers",
            3,
            "apartM",
            0.19,
            "seededGaps",
            1,
            "ofGaps",
            2,
            "angleDeg",
            10));
    owner.changePlan(farm, id, stored, plan);
    JsonNode now = field(owner, farm, "Stone House");
    owner.post(farm + "/fields/" + id + "/split", byArea(now, 10, "Stone top", "Stone foot")).ok();
    for (String part : List.of("Stone top", "Stone foot")) {
      JsonNode kept = owner.furrow(farm, part).at("/plan/plan");
      assertThat(kept.get("machineId").asString()).isEqualTo(plan.get("machineId"));
      assertThat(kept.at("/rows/ofGaps").asInt()).isEqualTo(2);
    }
  }
}
