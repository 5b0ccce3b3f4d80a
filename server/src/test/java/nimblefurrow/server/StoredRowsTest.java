package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Rows as they were stored, frozen, are read back with nothing lost. A shape that changes gets a
 * migration; what it makes of the row here is a new frozen row beside this one.
 */
class StoredRowsTest {
  private static final String RUN =
      "insert into work_run (id, farm_id, state, asked_at, asked_by, seconds, usd_per_move,"
          + " goal_usd_per_ha, progress, value, result, seen, reasons) values (?::uuid, ?::uuid,"
          + " 'done', now(), 'Ann', 5, 10, 400, 1, 1234.5, ?::jsonb, '{}', '[\"rain came\"]')";

  private static Api owner;
  private static String farm;
  private static String farmId;
  private static String field;
  private static String piece;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
    farmId = farm.substring(farm.lastIndexOf('/') + 1);
    JsonNode furrow = owner.furrow(farm, "Creek Forty");
    field = furrow.get("fieldId").asString();
    piece = furrow.get("pieceId").asString();
  }

  private static String frozen(String name) throws Exception {
    try (var in = StoredRowsTest.class.getResourceAsStream("/storedrows/" + name + ".json")) {
      return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
          .replace("FIELD", field);
    }
  }

  private static void sql(String statement, Object... values) throws Exception {
    try (Connection connection = App.demo().connection();
        PreparedStatement s = connection.prepareStatement(statement)) {
      for (int i = 0; i < values.length; i++) {
        s.setObject(i + 1, values[i]);
      }
      assertThat(s.executeUpdate()).as("rows written").isPositive();
    }
  }

  @Test
  void aPlanBeforeAChangeIsGoneBackTo() throws Exception {
    sql(
        "insert into plan_change (farm_id, piece_id, change_group, season_year, changed_at, what,"
            + " before, after) values (?::uuid, ?::uuid, ?::uuid, 2026, now(), 'frozen', ?::jsonb,"
            + " null)",
        farmId,
        piece,
        UUID.randomUUID().toString(),
        frozen("plan"));
    owner.post(farm + "/plans/undo", null).ok();
    JsonNode plan = owner.furrow(farm, "Creek Forty").at("/plan/plan");
    assertThat(plan.get("status").asString()).isEqualTo("accepted");
    assertThat(plan.get("purposes").toString()).isEqualTo("[\"smotherWeeds\",\"holdSoil\"]");
    assertThat(plan.at("/components/0/species").asString()).isEqualTo("cereal_rye");
    assertThat(plan.at("/components/0/rateKgPerHa").asDouble()).isCloseTo(61.5, within(1e-9));
    assertThat(plan.get("method").asString()).isEqualTo("broadcast");
    assertThat(plan.get("seedOn").asString()).isEqualTo("2026-09-21");
    assertThat(plan.get("ending").asString()).isEqualTo("sprayEarly");
    assertThat(plan.get("endOn").asString()).isEqualTo("2027-04-20");
  }

  @Test
  void aSpeciesOfTheFarmsOwnIsAsItWas() throws Exception {
    sql(
        "insert into own_species (id, farm_id, name, facts, version) values ('own_frozen', ?::uuid,"
            + " 'Frozen rye', ?::jsonb, 0)",
        farmId,
        frozen("species"));
    JsonNode facts = owner.get(farm + "/species").ok().json().at("/0/facts");
    assertThat(facts).isEqualTo(JsonMapper.shared().readTree(frozen("species")));
  }

  @Test
  void aMixIsAsItWas() throws Exception {
    String id = UUID.randomUUID().toString();
    sql(
        "insert into farm_mix (id, farm_id, name, components, version) values (?::uuid, ?::uuid,"
            + " 'Frozen mix', ?::jsonb, 0)",
        id,
        farmId,
        frozen("mix"));
    JsonNode mix =
        owner
            .get(farm + "/seed/mixes")
            .ok()
            .json()
            .valueStream()
            .filter(m -> m.get("id").asString().equals(id))
            .findFirst()
            .orElseThrow();
    assertThat(mix.at("/components/1/species").asString()).isEqualTo("hairy_vetch");
    assertThat(mix.at("/components/1/rateKgPerHa").asDouble()).isEqualTo(16.8);
    assertThat(mix.get("components")).hasSize(2);
  }

  @Test
  void aLabelIsAsItWas() throws Exception {
    sql(
        "insert into spray_product (id, farm_id, name, label, version) values (?::uuid, ?::uuid,"
            + " 'Frozen product', ?::jsonb, 0)",
        UUID.randomUUID().toString(),
        farmId,
        frozen("product"));
    JsonNode label =
        owner
            .get(farm + "/products")
            .ok()
            .json()
            .valueStream()
            .map(p -> p.get("label"))
            .filter(l -> l.get("name").asString().equals("Frozen product"))
            .findFirst()
            .orElseThrow();
    JsonNode was = JsonMapper.shared().readTree(frozen("product"));
    was.properties()
        .forEach(
            p -> {
              if (!p.getValue().isNull()) {
                assertThat(label.get(p.getKey())).as(p.getKey()).isEqualTo(p.getValue());
              }
            });
  }

  @Test
  void rulesAreAsTheyWere() throws Exception {
    String mine = owner.newFarm();
    sql(
        "insert into farm_rules (farm_id, ending, version) values (?::uuid, ?::jsonb, 3)",
        mine.substring(mine.lastIndexOf('/') + 1),
        frozen("rules"));
    JsonNode rules = owner.get(mine + "/rules").ok().json();
    assertThat(rules.get("own").asBoolean()).isTrue();
    assertThat(rules.get("version").asLong()).isEqualTo(3);
    assertThat(rules.get("ending")).isEqualTo(JsonMapper.shared().readTree(frozen("rules")));
  }

  @Test
  void theKeptPlanBeforeAKeepingIsGoneBackToAndItsHoursToo() throws Exception {
    String ann =
        owner
            .get(farm + "/crew")
            .ok()
            .json()
            .valueStream()
            .findFirst()
            .orElseThrow()
            .get("id")
            .asString();
    String before = frozen("keeping").replace("66666666-2222-3333-4444-555555555555", ann);
    sql(
        "insert into work_keeping (farm_id, kept_at, before) values (?::uuid, now(), ?::jsonb)",
        farmId,
        before);
    owner.post(farm + "/field-work/undo", null).ok();
    JsonNode item = owner.get(farm + "/field-work").ok().json().at("/items/0");
    assertThat(item.get("job").asString()).isEqualTo("look:slugs");
    assertThat(item.get("kind").asString()).isEqualTo("look");
    assertThat(item.get("shareDone").asDouble()).isEqualTo(0.25);
    assertThat(item.at("/segments/0/hours").asDouble()).isEqualTo(0.5);
    sql(
        "update work_item set segments = ?::jsonb where farm_id = ?::uuid",
        frozen("segments"),
        farmId);
    JsonNode hours = owner.get(farm + "/field-work").ok().json().at("/items/0/segments");
    assertThat(hours.at("/0/person").asString()).isEqualTo("Ann");
    assertThat(hours.at("/1/day").asString()).isEqualTo("2026-10-06");
    assertThat(hours.at("/1").has("person")).as("its own crew").isFalse();
    assertThat(hours.at("/1/hours").asDouble()).isEqualTo(2);
  }

  @Test
  void aProposalOfBeforeThereWereNotesIsShown() throws Exception {
    String other = owner.demoCopy();
    sql(
        RUN,
        UUID.randomUUID().toString(),
        other.substring(other.lastIndexOf('/') + 1),
        frozen("proposal"));
    JsonNode run = owner.get(other + "/field-work/run").ok().json().get("run");
    assertThat(run.get("state").asString()).isEqualTo("done");
    assertThat(run.get("reasons").toString()).isEqualTo("[\"rain came\"]");
    JsonNode item = run.at("/proposal/items/0");
    assertThat(item.get("job").asString()).isEqualTo("seed");
    assertThat(item.get("kind").asString()).isEqualTo("seed");
    assertThat(item.get("change").asString()).isEqualTo("moved");
    assertThat(item.get("wasDoer").asString()).isEqualTo("Drone");
    assertThat(run.at("/proposal/left/0/kind").asString()).isEqualTo("look");
    assertThat(run.at("/proposal/left/0/why").asString()).isEqualTo("nobody is there");
    assertThat(run.at("/proposal/steps").toString()).isEqualTo("[900.0,1234.5]");
    assertThat(run.at("/proposal/lanes/0/there/1").asDouble()).isEqualTo(8);
  }

  @Test
  void rowsOfAPlanAreReadBack() throws Exception {
    sql(
        "update cover_plan set row_setup = ?::jsonb where piece_id = ?::uuid and season_year = 2026",
        frozen("row_setup"),
        piece);
    JsonNode rows = owner.furrow(farm, "Creek Forty").at("/plan/plan/rows");
    assertThat(rows).isEqualTo(JsonMapper.shared().readTree(frozen("row_setup")));
    sql("update cover_plan set row_setup = null where piece_id = ?::uuid", piece);
  }
}
