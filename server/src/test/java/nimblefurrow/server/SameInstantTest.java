package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Two save the same thing in one instant: the later one is told what the other put there. */
class SameInstantTest {
  private static final int TRIES = 1500;

  private static Api owner;
  private static String farm;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
  }

  @Test
  void aMachineChangedBetweenReadingAndWritingIsShownAsItStandsNow() throws Exception {
    JsonNode machine = owner.get(farm + "/machines").ok().json().get(0);
    String path = farm + "/machines/" + machine.get("id").asString();
    Map<String, Object> mine = Api.map(machine);
    mine.put("notes", "mine");
    Api.Answer answer =
        meanwhile(
            "update machine set notes = 'theirs', version = version + 1 where id = '%s'"
                .formatted(machine.get("id").asString()),
            () -> owner.put(path, mine));
    assertThat(answer.refused(409)).contains("Someone else changed");
    assertThat(answer.json().at("/theirs/notes").asString()).isEqualTo("theirs");
    mine.put("version", answer.json().at("/theirs/version").asLong());
    assertThat(owner.put(path, mine).ok().json().get("notes").asString()).isEqualTo("mine");
  }

  @Test
  void firstRulesSavedTwiceAtOnceShowTheSecondOneTheFirst() throws Exception {
    JsonNode rules = owner.get(farm + "/rules").ok().json();
    assertThat(rules.path("version").isNumber()).as("none saved yet").isFalse();
    String id = farm.substring(farm.lastIndexOf('/') + 1);
    Api.Answer answer =
        meanwhile(
            "insert into farm_rules (farm_id, ending, version) values ('%s', '%s'::jsonb, 7)"
                .formatted(id, rules.get("ending").toString().replace("'", "''")),
            () -> owner.put(farm + "/rules", Api.map(rules)));
    assertThat(answer.refused(409)).contains("Someone else changed the rules");
    assertThat(answer.json().at("/theirs/version").asLong()).isEqualTo(7);
  }

  @Test
  void aPlanMovedInTheSameInstantIsSaidWithItsDay() throws Exception {
    JsonNode furrow = owner.furrow(farm, "Creek Forty");
    Map<String, Object> mine = Api.map(furrow.at("/plan/plan"));
    mine.put("seedOn", "2026-10-03");
    String piece = furrow.get("pieceId").asString();
    Map<String, Object> body =
        Map.of(
            "what",
            "seed on the 3rd",
            "plans",
            List.of(
                Map.of(
                    "fieldId",
                    furrow.get("fieldId").asString(),
                    "version",
                    furrow.at("/plan/version").asLong(),
                    "plan",
                    mine)));
    Api.Answer answer =
        meanwhile(
            "update cover_plan set seed_on = '2026-10-04', version = version + 1 where season_year = 2026 and piece_id = '%s'"
                .formatted(piece),
            () -> owner.post(farm + "/plans", body));
    assertThat(answer.refused(409)).contains("Someone else changed the plan of Creek Forty");
    assertThat(answer.json().at("/theirs/plan/seedOn").asString()).isEqualTo("2026-10-04");
  }

  @Test
  void anEndingChosenWhileThePlanMovesSaysHowItStandsNow() throws Exception {
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    String field = farm + "/fields/" + furrow.get("fieldId").asString() + "/ending";
    JsonNode page = owner.get(field).ok().json();
    JsonNode row = page.get("rows").get(0);
    Map<String, Object> choice =
        Map.of(
            "way", row.get("way").asString(),
            "endOn", row.get("endOn").asString(),
            "plantOn", row.get("plantOn").asString(),
            "why", "mine",
            "version", page.get("version").asLong());
    String end = "2027-05-02";
    Api.Answer answer =
        meanwhile(
            "update cover_plan set end_on = '%s', version = version + 1 where season_year = 2026 and piece_id = '%s'"
                .formatted(end, furrow.get("pieceId").asString()),
            () -> owner.post(field, choice));
    assertThat(answer.refused(409)).contains("Someone else changed the plan of Cedar Draw");
    assertThat(answer.json().at("/theirs/endOn").asString()).isEqualTo(end);
  }

  @Test
  void theBestWayOnManyFieldsIsKeptOverAPlanThatMovesMeanwhile() throws Exception {
    JsonNode furrow = owner.furrow(farm, "Ridge Road");
    String id = furrow.get("fieldId").asString();
    Api.Answer answer =
        meanwhile(
            "update cover_plan set end_on = '2027-05-02', version = version + 1 where season_year = 2026 and piece_id = '%s'"
                .formatted(furrow.get("pieceId").asString()),
            () ->
                owner.post(
                    farm + "/endings/best", Map.of("fields", List.of(id), "why", "the best")));
    assertThat(answer.ok().json().get("changed").asInt()).isEqualTo(1);
    JsonNode page = owner.get(farm + "/fields/" + id + "/ending").ok().json();
    assertThat(page.at("/chosen/0/why").asString()).isEqualTo("the best");
  }

  @Test
  void twoWhoExtendOneChainInTheSameInstantDoNotStandOnEachOther() throws Exception {
    JsonNode furrow = owner.furrow(farm, "Creek Forty");
    String piece = furrow.get("pieceId").asString();
    Map<String, Object> mine =
        Map.of(
            "status", "accepted",
            "purposes", List.of("holdSoil"),
            "components", List.of(Map.of("species", "cereal_rye", "rateKgPerHa", 70)),
            "method", "drill",
            "seedOn", "2028-10-01",
            "ending", "sprayEarly",
            "endOn", "2029-04-20");
    Map<String, Object> body =
        Map.of(
            "what",
            "rye",
            "plans",
            List.of(Map.of("fieldId", furrow.get("fieldId").asString(), "plan", mine)));
    Api.Answer answer =
        meanwhile(
            ("with other as (insert into cover_plan (id, farm_id, piece_id, season_year, status,"
                    + " purposes, method, seed_on, ending, end_on, version)"
                    + " select gen_random_uuid(), farm_id, piece_id, 2028, status, purposes,"
                    + " 'drill', '2028-09-20', 'sprayEarly', '2029-04-10', 0 from cover_plan"
                    + " where piece_id = '%s' limit 1 returning id)"
                    + " insert into cover_component select id, 0, 'oats', 60 from other")
                .formatted(piece),
            () -> owner.post(farm + "/plans", body));
    assertThat(answer.refused(422))
        .contains("Creek Forty: ")
        .contains("cannot stand on top of it")
        .contains("Oats stands from 20 Sep");
  }

  /** Another change that is made and not yet seen while the application saves. */
  private static Api.Answer meanwhile(String other, Callable<Api.Answer> save) throws Exception {
    try (Connection connection = App.demo().connection();
        Statement statement = connection.createStatement()) {
      connection.setAutoCommit(false);
      assertThat(statement.executeUpdate(other)).isEqualTo(1);
      CompletableFuture<Api.Answer> answer =
          CompletableFuture.supplyAsync(
              () -> {
                try {
                  return save.call();
                } catch (Exception problem) {
                  throw new IllegalStateException(problem);
                }
              });
      awaitOneThatWaits(answer);
      connection.commit();
      return answer.get(60, TimeUnit.SECONDS);
    }
  }

  private static void awaitOneThatWaits(CompletableFuture<?> answer) throws Exception {
    try (Connection watcher = App.demo().connection();
        Statement statement = watcher.createStatement()) {
      for (int i = 0; i < TRIES && !answer.isDone(); i++) {
        try (ResultSet waiting =
            statement.executeQuery(
                "select count(*), pg_sleep(0.02) from pg_stat_activity"
                    + " where datname = current_database() and wait_event_type = 'Lock'")) {
          waiting.next();
          if (waiting.getInt(1) > 0) {
            return;
          }
        }
      }
    }
    throw new AssertionError("no save waited for the other one: " + answer.getNow(null));
  }
}
