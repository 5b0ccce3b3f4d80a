package nimblefurrow.server.archive;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Which tables hold a farm, asked of the database: every table that names its farm, and every table
 * whose rows go when such a row goes. A new table needs no change here.
 */
@Component
class FarmSchema {
  /** Who may see a farm, and what a server keeps for itself, are not the farm. */
  static final Set<String> NOT_THE_FARM =
      Set.of(
          "farm",
          "membership",
          "invitation",
          "calendar_feed",
          "farm_hire",
          "work_run",
          "work_seen",
          "taken_away");

  /** Another farm's station may be in use; another farm's fields are not this farm's work. */
  private static final Map<String, String> OTHERWISE =
      Map.of(
          "station",
          "(t.farm_id = :farm or t.id = (select f.station_id from farm f where f.id = :farm))",
          "work_item",
          "t.farm_id = :farm and t.customer_id is null");

  private static final String KEYS =
      """
      select c.conrelid::regclass::text as child, a.attname as by, c.confrelid::regclass::text as parent,
             b.attname as of, c.confdeltype = 'c' as goes_along
        from pg_constraint c
        join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
        join pg_attribute b on b.attrelid = c.confrelid and b.attnum = c.confkey[1]
       where c.contype = 'f' and array_length(c.conkey, 1) = 1
         and c.connamespace = current_schema()::regnamespace
       order by 1, 2
      """;

  private static final String COLUMNS =
      """
      select r.relname as name, a.attname as attribute,
             a.attidentity <> '' or a.attgenerated <> '' as counted
        from pg_attribute a join pg_class r on r.oid = a.attrelid
       where r.relkind = 'r' and r.relnamespace = current_schema()::regnamespace
         and a.attnum > 0 and not a.attisdropped
       order by r.relname, a.attnum
      """;

  private final JdbcClient jdbc;

  FarmSchema(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  record Key(String child, String by, String parent, String of, boolean goesAlong) {}

  record Column(String name, String attribute, boolean counted) {}

  /** All of them, each after those that it points to. */
  List<FarmTable> tables() {
    List<Key> keys = jdbc.sql(KEYS).query(Key.class).list();
    Map<String, List<Column>> columns = new TreeMap<>();
    for (Column c : jdbc.sql(COLUMNS).query(Column.class).list()) {
      columns.computeIfAbsent(c.name, n -> new ArrayList<>()).add(c);
    }
    Map<String, String> rows = rows(keys, columns);
    Map<String, FarmTable> ordered = new LinkedHashMap<>();
    for (String name : rows.keySet()) {
      place(name, rows, keys, columns, ordered);
    }
    return List.copyOf(ordered.values());
  }

  private static Map<String, String> rows(List<Key> keys, Map<String, List<Column>> columns) {
    Map<String, String> rows = new HashMap<>();
    columns.forEach(
        (name, of) -> {
          if (of.stream().anyMatch(c -> c.attribute.equals("farm_id"))) {
            rows.put(name, OTHERWISE.getOrDefault(name, "t.farm_id = :farm"));
          }
        });
    rows.keySet().removeAll(NOT_THE_FARM);
    boolean more = true;
    while (more) {
      more = false;
      for (Key k : keys) {
        if (k.goesAlong && rows.containsKey(k.parent) && mayFollow(k, rows)) {
          rows.put(
              k.child,
              "t.%s in (select t.%s from %s t where %s)"
                  .formatted(k.by, k.of, k.parent, rows.get(k.parent)));
          more = true;
        }
      }
    }
    return new TreeMap<>(rows);
  }

  private static boolean mayFollow(Key k, Map<String, String> rows) {
    return !rows.containsKey(k.child) && !NOT_THE_FARM.contains(k.child);
  }

  private static void place(
      String name,
      Map<String, String> rows,
      List<Key> keys,
      Map<String, List<Column>> columns,
      Map<String, FarmTable> ordered) {
    if (ordered.containsKey(name)) {
      return;
    }
    List<FarmTable.Pointer> points = new ArrayList<>();
    Set<String> first = new TreeSet<>();
    for (Key k : keys) {
      if (k.child.equals(name) && rows.containsKey(k.parent)) {
        points.add(new FarmTable.Pointer(k.by, k.parent));
        first.add(k.parent);
      }
    }
    first.remove(name);
    first.forEach(parent -> place(parent, rows, keys, columns, ordered));
    List<Column> all = columns.getOrDefault(name, List.of());
    ordered.put(
        name,
        new FarmTable(
            name,
            Objects.requireNonNull(rows.get(name)),
            all.stream().filter(c -> !c.counted).map(Column::attribute).toList(),
            all.stream().anyMatch(c -> c.counted && c.attribute.equals("id")),
            List.copyOf(points),
            keys.stream()
                .filter(k -> k.child.equals(name) && k.parent.equals("account"))
                .map(Key::by)
                .toList()));
  }
}
