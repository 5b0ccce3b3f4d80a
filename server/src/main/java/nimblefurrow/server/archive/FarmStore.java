package nimblefurrow.server.archive;

import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.EntityType;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Takes the rows of a farm out of the database, and puts them in again as another farm's. */
@Component
public class FarmStore {
  private static final int ROWS_AT_ONCE = 500;
  private static final int LETTERS_AT_ONCE = 4 << 20;

  /** What a farm is called is decided where it is put. */
  private static final String AS_IT_WAS =
      """
      update farm f set demo = n.demo, demo_day = n.demo_day, version = n.version,
             station_id = coalesce((select s.id from station s where s.id = :station), f.station_id)
        from jsonb_populate_record(null::farm, :row::jsonb) n where f.id = :farm
      """;

  private final JdbcClient jdbc;
  private final EntityManager entities;
  private final FarmSchema schema;
  private final List<NamedAfter> followers;

  FarmStore(
      JdbcClient jdbc, EntityManager entities, FarmSchema schema, List<NamedAfter> followers) {
    this.jdbc = jdbc;
    this.entities = entities;
    this.schema = schema;
    this.followers = followers;
  }

  /** All rows of a farm but those of its weather stations. */
  @Transactional
  public FarmContent withoutWeather(UUID farm) {
    entities.flush();
    Map<String, List<String>> rows = new LinkedHashMap<>();
    for (FarmTable table : schema.tables()) {
      if (!table.name().startsWith("station")) {
        List<String> all = new ArrayList<>();
        each(farm, table, all::add);
        rows.put(table.name(), all);
      }
    }
    return new FarmContent(own(farm), rows);
  }

  /** The farm's own row. */
  String own(UUID farm) {
    return jdbc.sql("select to_jsonb(t)::text from farm t where t.id = :farm")
        .param("farm", farm)
        .query(String.class)
        .single();
  }

  /** Hands on a table's rows, some at a time, within a transaction. */
  void each(UUID farm, FarmTable table, Consumer<String> row) {
    try (Stream<String> rows =
        jdbc
            .sql(table.select())
            .param("farm", farm)
            .withFetchSize(ROWS_AT_ONCE)
            .query(String.class)
            .stream()) {
      rows.forEach(row);
    }
  }

  /**
   * Puts rows into a farm that has none.
   *
   * @param people who stands here for whom in what they wrote
   * @param keep whether rows keep their ids, where none of them is taken
   * @throws nimblefurrow.core.units.Refused when they do not belong together
   */
  @Transactional
  public void put(RowSource source, UUID farm, Map<UUID, UUID> people, boolean keep) {
    entities.flush();
    List<FarmTable> tables = schema.tables();
    RowNames names = new RowNames(source, tables, farm, people);
    if (!keep || taken(names, tables)) {
      names.anew(followers);
    }
    for (FarmTable table : tables) {
      Batch batch = new Batch(table);
      source.each(table.name(), row -> batch.add(names.put(table, row)));
      batch.write();
    }
    jdbc.sql(AS_IT_WAS)
        .param("row", source.farm())
        .param("farm", farm)
        .param("station", names.stationOf(source))
        .update();
    // What was read before is of an empty farm.
    entities.clear();
  }

  private boolean taken(RowNames names, List<FarmTable> tables) {
    for (FarmTable table : tables) {
      Set<UUID> ids = names.of(table.name());
      if (table.hasId()
          && !ids.isEmpty()
          && jdbc.sql("select exists (select from %s where id = any(?))".formatted(table.name()))
              .param(ids.toArray(UUID[]::new))
              .query(Boolean.class)
              .single()) {
        return true;
      }
    }
    return false;
  }

  /** Reads every row as the program does, so that none is kept that it cannot read. */
  void readBack(UUID farm) {
    for (EntityType<?> type : entities.getMetamodel().getEntities()) {
      if (type.getAttributes().stream().anyMatch(a -> a.getName().equals("farmId"))) {
        entities
            .createQuery("select e from %s e where e.farmId = :farm".formatted(type.getName()))
            .setParameter("farm", farm)
            .getResultList();
        entities.clear();
      }
    }
  }

  /** Rows of one table that are written together. */
  private final class Batch {
    private final FarmTable table;
    private final StringBuilder rows = new StringBuilder("[");
    private Set<String> columns = Set.of();
    private int count;

    Batch(FarmTable table) {
      this.table = table;
    }

    void add(RowNames.Row row) {
      if (count > 0 && !row.columns().equals(columns)) {
        write();
      }
      columns = row.columns();
      rows.append(count == 0 ? "" : ",").append(row.text());
      count++;
      if (count >= ROWS_AT_ONCE || rows.length() > LETTERS_AT_ONCE) {
        write();
      }
    }

    void write() {
      if (count > 0) {
        jdbc.sql(table.insert(columns)).param(rows.append(']').toString()).update();
      }
      rows.setLength(1);
      count = 0;
    }
  }
}
