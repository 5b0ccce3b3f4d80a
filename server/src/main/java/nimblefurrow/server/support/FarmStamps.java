package nimblefurrow.server.support;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * What stands of a farm in the database, as a short text: another one after every change that was
 * committed, whoever made it and on whichever server. Every row carries the transaction that wrote
 * it; the sum of their hashes tells one state of a table from another, deletions included.
 */
@Component
public class FarmStamps implements SmartInitializingSingleton {
  /** Tables of farms that no answer about fields is made of. */
  static final Set<String> LEFT_OUT = Set.of("work_run", "work_seen", "taken_away");

  /** Tables whose rows are of a farm by way of others. */
  private static final Map<String, String> BY_OTHERS =
      Map.of(
          "farm", "farm t where t.id = :farm",
          "account", "account t join membership m on m.account_id = t.id where m.farm_id = :farm",
          // Another farm's station may be in use; a day that comes in makes it another version.
          "station", "station t join farm f on f.station_id = t.id where f.id = :farm",
          "field_piece", "field_piece t join field f on f.id = t.field_id where f.farm_id = :farm",
          "field_left_out",
              "field_left_out t join field f on f.id = t.field_id where f.farm_id = :farm",
          "crop_link",
              "crop_link t join field_piece p on p.id = t.piece_id"
                  + " join field f on f.id = p.field_id where f.farm_id = :farm",
          "cover_component",
              "cover_component t join cover_plan p on p.id = t.plan_id where p.farm_id = :farm");

  private static final String WITH_FARM =
      """
      select c.table_name from information_schema.columns c
        join information_schema.tables b using (table_schema, table_name)
       where c.table_schema = current_schema() and c.column_name = 'farm_id'
         and b.table_type = 'BASE TABLE'
      """;

  private final JdbcClient jdbc;
  private volatile String question = "";

  FarmStamps(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** What a farm's state is called. */
  public String of(UUID farmId) {
    return jdbc.sql(question).param("farm", farmId).query(String.class).single();
  }

  @Override
  public void afterSingletonsInstantiated() {
    question =
        rows().values().stream()
            .map(
                rows ->
                    "(select coalesce(sum(hashint8extended(t.xmin::text::bigint, 0)), 0) from "
                        + rows
                        + ")")
            .collect(Collectors.joining(", ", "select md5(concat_ws(',', ", "))"));
  }

  /** Which rows are a farm's, by table. */
  Map<String, String> rows() {
    Map<String, String> rows = new TreeMap<>();
    for (String table : jdbc.sql(WITH_FARM).query(String.class).list()) {
      if (!LEFT_OUT.contains(table)) {
        rows.put(table, table + " t where t.farm_id = :farm");
      }
    }
    rows.putAll(BY_OTHERS);
    return rows;
  }
}
