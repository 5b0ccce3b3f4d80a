package nimblefurrow.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import nimblefurrow.server.Api;
import nimblefurrow.server.App;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** A row written anew is a change, in whichever table; a new table has to be thought of. */
class FarmStampsTest {
  /** What no answer about a farm's fields is made of, or what never changes without its own row. */
  private static final Set<String> OF_NO_ANSWER =
      Set.of(
          "access_token",
          "flyway_schema_history",
          "login_failure",
          "paper_bytes",
          "password_link",
          "picture_bytes",
          "report_bytes",
          "scheduled_tasks",
          "spring_session",
          "spring_session_attributes",
          "station_day",
          "taken_away",
          "work_run",
          "work_seen");

  private static final Map<String, String> BY_OTHERS =
      Map.of(
          "farm", "id = '%s'",
          "account", "id in (select account_id from membership where farm_id = '%s')",
          "station", "id in (select station_id from farm where id = '%s')",
          "field_piece", "field_id in (select id from field where farm_id = '%s')",
          "field_left_out", "field_id in (select id from field where farm_id = '%s')",
          "crop_link",
              "piece_id in (select p.id from field_piece p join field f on f.id = p.field_id"
                  + " where f.farm_id = '%s')",
          "cover_component", "plan_id in (select id from cover_plan where farm_id = '%s')");

  @Test
  void everyTableOfAFarmIsLookedAt() throws Exception {
    String path = Api.owner().demoCopy();
    UUID farm = UUID.fromString(path.substring(path.lastIndexOf('/') + 1));
    try (Connection connection = App.demo().connection()) {
      FarmStamps stamps =
          new FarmStamps(JdbcClient.create(new SingleConnectionDataSource(connection, true)));
      stamps.afterSingletonsInstantiated();
      List<String> written = new ArrayList<>();
      for (Map.Entry<String, String> table : tables().entrySet()) {
        String name = table.getKey();
        String rows = BY_OTHERS.getOrDefault(name, "farm_id = '%s'").formatted(farm);
        String column = table.getValue();
        String before = stamps.of(farm);
        assertThat(stamps.of(farm)).isEqualTo(before);
        int changed =
            App.demo()
                .sql(
                    "update %s set %s = %s where ctid = (select ctid from %s where %s limit 1)"
                        .formatted(name, column, column, name, rows));
        if (changed > 0) {
          written.add(name);
          assertThat(stamps.of(farm)).as(name).isNotEqualTo(before);
        }
      }
      assertThat(written)
          .containsAll(BY_OTHERS.keySet())
          .contains("field", "cover_plan", "machine");
    }
  }

  /** All tables but those of no answer, each with some column of its own. */
  private static Map<String, String> tables() throws Exception {
    Map<String, String> tables = new TreeMap<>();
    try (Connection connection = App.demo().connection();
        Statement s = connection.createStatement();
        ResultSet rows =
            s.executeQuery(
                "select c.table_name, min(c.column_name) from information_schema.columns c"
                    + " join information_schema.tables t using (table_schema, table_name)"
                    + " where c.table_schema = current_schema() and t.table_type = 'BASE TABLE'"
                    + " and c.is_generated = 'NEVER' and c.is_identity = 'NO' group by 1")) {
      while (rows.next()) {
        if (!OF_NO_ANSWER.contains(rows.getString(1))) {
          tables.put(rows.getString(1), rows.getString(2));
        }
      }
    }
    return tables;
  }
}
