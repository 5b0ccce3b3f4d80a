package nimblefurrow.server.archive;

import jakarta.persistence.EntityManager;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Takes the rows of a farm out of the database, and puts them in again as another farm's. */
@Component
public class FarmStore {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final Pattern ID =
      Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");
  private static final int ROWS_AT_ONCE = 500;

  /** What a farm is called and where it looks for weather is decided where it is put. */
  private static final String AS_IT_WAS =
      """
      update farm f set demo = n.demo, demo_day = n.demo_day
        from jsonb_populate_record(null::farm, :row::jsonb) n where f.id = :farm
      """;

  private final JdbcClient jdbc;
  private final EntityManager entities;
  private final FarmSchema schema;

  FarmStore(JdbcClient jdbc, EntityManager entities, FarmSchema schema) {
    this.jdbc = jdbc;
    this.entities = entities;
    this.schema = schema;
  }

  /** All rows of a farm but those of its weather stations. */
  @Transactional
  public FarmContent withoutWeather(UUID farm) {
    entities.flush();
    Map<String, List<String>> rows = new LinkedHashMap<>();
    for (FarmTable table : schema.tables()) {
      if (!table.name().startsWith("station")) {
        rows.put(
            table.name(), jdbc.sql(table.select()).param("farm", farm).query(String.class).list());
      }
    }
    String own =
        jdbc.sql("select to_jsonb(t)::text from farm t where t.id = :farm")
            .param("farm", farm)
            .query(String.class)
            .single();
    return new FarmContent(own, rows);
  }

  /**
   * Puts rows into a farm that has none, each under a new id.
   *
   * @param people whose names stand for whose in what they wrote
   */
  @Transactional
  public void put(FarmContent content, UUID farm, Map<UUID, UUID> people) {
    entities.flush();
    Map<String, String> ids = new HashMap<>();
    people.forEach((was, is) -> ids.put(was.toString(), is.toString()));
    ids.put(id(content.farm()), farm.toString());
    content.rows().values().stream()
        .flatMap(List::stream)
        .map(FarmStore::id)
        .filter(id -> ID.matcher(id).matches())
        .forEach(id -> ids.put(id, UUID.randomUUID().toString()));
    for (FarmTable table : schema.tables()) {
      List<String> rows = content.rows().getOrDefault(table.name(), List.of());
      for (int i = 0; i < rows.size(); i += ROWS_AT_ONCE) {
        List<String> some = rows.subList(i, Math.min(rows.size(), i + ROWS_AT_ONCE));
        jdbc.sql(table.insert()).param(renamed(some, ids)).update();
      }
    }
    jdbc.sql(AS_IT_WAS).param("row", content.farm()).param("farm", farm).update();
    // What was read before is of an empty farm.
    entities.clear();
  }

  private static String renamed(List<String> rows, Map<String, String> ids) {
    return ID.matcher("[" + String.join(",", rows) + "]")
        .replaceAll(found -> ids.getOrDefault(found.group(), found.group()));
  }

  private static String id(String row) {
    JsonNode id = JSON.readTree(row).path("id");
    return id.isString() ? id.asString() : "";
  }
}
