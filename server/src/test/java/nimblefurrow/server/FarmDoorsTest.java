package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Doors of a farm that other tests only pass by: people, bins, shed, labels, sheets, papers. */
class FarmDoorsTest {
  private static Api owner;
  private static String farm;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
  }

  private static JsonNode byId(JsonNode all, String id) {
    return all.valueStream()
        .filter(n -> n.get("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void peopleAreLetInGivenAnotherRoleAndTakenOut() throws Exception {
    String mine = owner.newFarm();
    Api viewer = owner.letIn(mine, "viewer");
    JsonNode members = owner.get(mine + "/members").ok().json();
    assertThat(members).hasSize(2);
    JsonNode ilse =
        members
            .valueStream()
            .filter(m -> m.get("role").asString().equals("viewer"))
            .findFirst()
            .orElseThrow();
    String path = mine + "/members/" + ilse.get("id").asString();
    JsonNode after = owner.put(path, Map.of("role", "operator")).ok().json();
    assertThat(byId(after, ilse.get("id").asString()).get("role").asString()).isEqualTo("operator");
    assertThat(viewer.get(mine + "/season").status()).isEqualTo(200);
    assertThat(owner.put(path, Map.of("role", "king")).refused(422)).contains("king");
    owner.delete(path).ok();
    assertThat(owner.get(mine + "/members").ok().json()).hasSize(1);
    assertThat(viewer.get(mine + "/season").status()).isEqualTo(404);
  }

  @Test
  void aPersonChangesNameAndUnitsAndSignsOut() throws Exception {
    Api someone = owner.letIn(owner.newFarm(), "operator");
    JsonNode profile =
        someone.put("/api/account", Map.of("name", "Ilse Two", "units", "metric")).ok().json();
    assertThat(profile.get("name").asString()).isEqualTo("Ilse Two");
    JsonNode session = someone.get("/api/session").ok().json();
    assertThat(session.get("units").asString()).isEqualTo("metric");
    assertThat(someone.put("/api/account", Map.of("name", "I", "units", "cubits")).status())
        .isEqualTo(422);
    someone.delete("/api/session").ok();
    assertThat(someone.get("/api/session").ok().json().get("signedIn").asBoolean()).isFalse();
    assertThat(someone.get("/api/farms").status()).isEqualTo(401);
  }

  @Test
  void aLotIsChangedTakenOutAndPutBack() throws Exception {
    JsonNode lot = owner.get(farm + "/seed/lots").ok().json().get(0);
    String path = farm + "/seed/lots/" + lot.get("id").asString();
    Map<String, Object> mine = Api.map(lot);
    mine.put("supplier", "a neighbour");
    JsonNode changed = owner.put(path, mine).ok().json();
    assertThat(changed.get("supplier").asString()).isEqualTo("a neighbour");
    assertThat(owner.put(path, mine).refused(409)).contains("Someone else changed this lot");
    owner.delete(path).ok();
    assertThat(owner.get(farm + "/seed/lots").ok().text()).doesNotContain(lot.get("id").asString());
    mine.put("version", changed.get("version").asLong());
    assertThat(owner.put(path, mine).refused(422)).contains("taken out meanwhile");
    owner.post(path + "/restore", null).ok();
    assertThat(owner.get(farm + "/seed/lots").ok().text()).contains(lot.get("id").asString());
  }

  @Test
  void aMixIsKeptUnderOneNameAndTakenAway() throws Exception {
    String id = UUID.randomUUID().toString();
    Map<String, Object> mix =
        Map.of(
            "id",
            id,
            "name",
            "Kept mix",
            "components",
            List.of(Map.of("species", "oats", "rateKgPerHa", 30)));
    String path = farm + "/seed/mixes/" + id;
    assertThat(owner.put(path, mix).ok().json().at("/components/0/rateKgPerHa").asDouble())
        .isEqualTo(30);
    String other = UUID.randomUUID().toString();
    Map<String, Object> twin =
        Map.of("id", other, "name", "kept MIX", "components", mix.get("components"));
    assertThat(owner.put(farm + "/seed/mixes/" + other, twin).refused(422))
        .contains("already a mix called Kept mix");
    owner.delete(path).ok();
    assertThat(owner.get(farm + "/seed/mixes").ok().text()).doesNotContain(id);
    assertThat(owner.delete(path).refused(404)).contains("no such mix");
  }

  @Test
  void aMachineTakenOutComesBackAndANoteOfItIsForgotten() throws Exception {
    JsonNode note = owner.get(farm + "/calibrations").ok().json().get(0);
    owner.delete(farm + "/calibrations/" + note.get("id").asString()).ok();
    assertThat(owner.get(farm + "/calibrations").ok().text())
        .doesNotContain(note.get("id").asString());
    String machine = owner.get(farm + "/machines").ok().json().at("/0/id").asString();
    owner.delete(farm + "/machines/" + machine).ok();
    assertThat(owner.get(farm + "/machines").ok().text()).doesNotContain(machine);
    owner.post(farm + "/machines/" + machine + "/restore", null).ok();
    assertThat(owner.get(farm + "/machines").ok().text()).contains(machine);
  }

  @Test
  void aLabelIsEnteredChangedAndTakenAway() throws Exception {
    String id = UUID.randomUUID().toString();
    String label =
        new String(
            getClass().getResourceAsStream("/storedrows/product.json").readAllBytes(),
            StandardCharsets.UTF_8);
    Map<String, Object> facts = Api.map(JsonMapper.shared().readTree(label));
    facts.put("name", "Entered product");
    String path = farm + "/products/" + id;
    JsonNode there = owner.put(path, Map.of("id", id, "label", facts)).ok().json();
    assertThat(there.at("/label/lowPerHa").asDouble()).isEqualTo(1.5);
    facts.put("highPerHa", 1.0);
    assertThat(
            owner
                .put(
                    path,
                    Map.of("id", id, "version", there.get("version").asLong(), "label", facts))
                .refused(422))
        .contains("not below the lowest");
    owner.delete(path).ok();
    assertThat(owner.get(farm + "/products").ok().text()).doesNotContain(id);
  }

  @Test
  void sheetsReckonAndRefuse() throws Exception {
    Map<String, Object> roller =
        Map.of(
            "emptyKg",
            3000,
            "widthM",
            10,
            "waterL",
            1500,
            "tractorKg",
            9000,
            "slopePercent",
            5,
            "footing",
            "firm");
    JsonNode sheet = owner.post(farm + "/sheets/roller", roller).ok().json();
    assertThat(sheet.at("/weight/kgPerM").asDouble()).isCloseTo(450, within(1e-9));
    assertThat(sheet.at("/pull/share").asDouble()).isPositive().isLessThan(1);
    Map<String, Object> mud = new HashMap<>(roller);
    mud.put("footing", "mud");
    Map<String, Object> lifted = new HashMap<>(roller);
    lifted.put(
        "carried",
        Map.of(
            "where",
            "rear",
            "steeringShare",
            0.42,
            "wheelbaseM",
            2.9,
            "overhangM",
            2,
            "counterM",
            1));
    assertThat(sheet.has("carried")).as("pulled").isFalse();
    assertThat(
            owner
                .post(farm + "/sheets/roller", lifted)
                .ok()
                .json()
                .at("/carried/leastShare")
                .asDouble())
        .isEqualTo(0.2);
    assertThat(owner.post(farm + "/sheets/roller", mud).refused(422)).contains("firm, covered");
    Map<String, Object> planter =
        Map.of("frameKg", 4800, "rows", 12, "coverMgPerHa", 6, "green", true, "wetGround", false);
    JsonNode setup = owner.post(farm + "/sheets/planter", planter).ok().json();
    assertThat(setup.get("kgPerRow").asDouble()).isCloseTo(400, within(1e-9));
    assertThat(setup.get("advice")).isNotEmpty();
  }

  @Test
  void feedStandsAndLastsAHerdSomeDays() throws Exception {
    JsonNode furrow = owner.furrow(farm, "Creek Forty");
    String path = farm + "/fields/" + furrow.get("fieldId").asString() + "/feed";
    JsonNode plan = furrow.at("/plan/plan");
    JsonNode few =
        owner.post(path, Map.of("plan", plan, "head", 40, "rationKg", 11)).ok().json().get("days");
    JsonNode many =
        owner.post(path, Map.of("plan", plan, "head", 80, "rationKg", 11)).ok().json().get("days");
    assertThat(few).hasSameSizeAs(many);
    double last = few.get(few.size() - 1).at("/days/middle").asDouble();
    assertThat(many.get(few.size() - 1).at("/days/middle").asDouble())
        .isCloseTo(last / 2, within(1e-6));
  }

  @Test
  void shapesFeedsAndPapersAreThere() throws Exception {
    JsonNode shapes = owner.get(farm + "/shapes").ok().json();
    assertThat(shapes.size()).isGreaterThan(20);
    assertThat(shapes.at("/0/polygons/0/0").size()).isGreaterThan(3);
    assertThat(owner.get(farm + "/plan.ics").ok().text())
        .startsWith("BEGIN:VCALENDAR")
        .contains("SUMMARY:Seed ");
    JsonNode feed = owner.post(farm + "/feeds", null).ok().json();
    assertThat(owner.get(farm + "/feeds").ok().text()).contains(feed.get("id").asString());
    String machine = owner.get(farm + "/machines").ok().json().at("/0/id").asString();
    byte[] quote =
        owner.bytes(
            farm
                + "/quote.pdf?machineId="
                + machine
                + "&areaHa=40&rateKgPerHa=60&haPerHour=5&pricePerHa=37&pricePerHour=250"
                + "&weightLimitKgPerHa=56");
    assertThat(new String(quote, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    assertThat(owner.get("/api/ready").ok().json().get("ready").asBoolean()).isTrue();
  }

  @Test
  void anotherStationIsTakenForTheFarm() throws Exception {
    String mine = owner.newFarm();
    JsonNode station =
        owner
            .post(
                mine + "/stations",
                Map.of("name", "Ridge", "latitudeDeg", 41.5, "elevationM", 300, "coastal", false))
            .ok()
            .json();
    String id = station.get("id").asString();
    JsonNode now = owner.put(mine + "/stations/" + id + "/use", null).ok().json();
    assertThat(now.get("stationId").asString()).isEqualTo(id);
    String theirs = owner.newFarm();
    assertThat(owner.put(theirs + "/stations/" + id + "/use", null).refused(404))
        .contains("no such station");
  }

  @Test
  void rowsPatternsAndSharedLoadsAreReckoned() throws Exception {
    JsonNode rows =
        owner
            .post(
                "/api/bench/rows",
                Map.of("cropSpacingM", 0.75, "openers", 3, "openerSpacingM", 0.19))
            .ok()
            .json()
            .get("rows");
    assertThat(rows.get("coverRowsM")).hasSize(3);
    assertThat(rows.at("/coverRowsM/1").asDouble()).isCloseTo(0.375, within(1e-9));
    assertThat(rows.get("clearOfCropM").asDouble()).isCloseTo(0.185, within(1e-9));
    JsonNode pattern =
        owner
            .post(
                "/api/bench/spread-pattern",
                Map.of("traySpacingM", 1, "traysG", List.of(2, 4, 6, 6, 6, 4, 2), "maxCv", 0.15))
            .ok()
            .json();
    assertThat(pattern.get("meanG").asDouble()).isCloseTo(30 / 7.0, within(1e-9));
    assertThat(pattern.get("skew").asDouble()).isCloseTo(0, within(1e-9));
    Map<String, Object> carrier =
        Map.of(
            "areaHa",
            32,
            "rateKgPerHa",
            60,
            "bulkDensityKgPerM3",
            700,
            "hopperM3",
            2,
            "swathM",
            9,
            "speedMPerS",
            3,
            "passLengthM",
            400);
    JsonNode split =
        owner
            .post(
                "/api/bench/split-loads",
                Map.of(
                    "carrier",
                    carrier,
                    "seeds",
                    List.of(
                        Map.of("rateKgPerHa", 60, "bulkDensityKgPerM3", 700),
                        Map.of("rateKgPerHa", 6, "bulkDensityKgPerM3", 780))))
            .ok()
            .json();
    assertThat(split.get("split")).hasSize(2);
    assertThat(split.at("/mixed/seedKg").asDouble()).isCloseTo(32 * 66, within(1e-6));
  }
}
