package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.ResultSet;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Whoever has a page open hears that somebody changed the farm. */
class FarmChangesTest {
  private static String count(Api who, String farm) throws Exception {
    return who.get(farm + "/changes").ok().json().get("count").asString();
  }

  private static void moves(Api who, String farm, String before) {
    Awaitility.await()
        .atMost(Duration.ofSeconds(30))
        .pollInterval(Duration.ofMillis(50))
        .until(() -> !count(who, farm).equals(before));
  }

  @Test
  void everyChangeOfTheFarmIsToldAndNoOther() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    String other = owner.newFarm();
    Api operator = owner.letIn(farm, "operator");
    String before = settled(operator, farm);
    JsonNode field = owner.post(farm + "/fields", FieldEditTest.field("Corner")).ok().json();
    moves(operator, farm, before);
    String path = farm + "/fields/" + field.get("id").asString();

    before = settled(operator, farm);
    Map<String, Object> crop = Map.of("kind", "soybean", "plantedOn", "2026-05-20");
    owner.put(path + "/crops/2026", crop).ok();
    moves(operator, farm, before);

    before = settled(operator, farm);
    owner.delete(path).ok();
    moves(operator, farm, before);

    // Looking changes nothing, and neither does another farm.
    before = settled(operator, farm);
    owner.get(farm + "/season").ok();
    String there = settled(owner, other);
    owner.post(other + "/fields", FieldEditTest.field("Elsewhere")).ok();
    moves(owner, other, there);
    assertThat(count(operator, farm)).isEqualTo(before);
    operator.get(other + "/changes").refused(404);
  }

  /** A count that stands still while something else is looked at. */
  private static String settled(Api who, String farm) throws Exception {
    String count = count(who, farm);
    String last = "";
    while (!last.equals(count)) {
      last = count;
      who.get(farm + "/season");
      count = count(who, farm);
    }
    return count;
  }

  @Test
  void everyTableOfAFarmTellsUnlessItIsNoPartOfAPage() throws Exception {
    List<String> silent = new ArrayList<>();
    try (Connection connection = App.demo().connection();
        ResultSet found =
            connection
                .createStatement()
                .executeQuery(
                    "select c.table_name from information_schema.columns c"
                        + " where c.table_schema = current_schema() and c.column_name = 'farm_id'"
                        + " and not exists (select 1 from information_schema.triggers t"
                        + " where t.event_object_table = c.table_name"
                        + " and t.trigger_name = 'tell_change') order by 1")) {
      while (found.next()) {
        silent.add(found.getString(1));
      }
    }
    assertThat(silent).containsExactly("plan_change", "taken_away", "work_run", "work_seen");
  }
}
