package nimblefurrow.server.support;

import jakarta.persistence.EntityManager;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Things that were taken away and can be brought back as they were: the row itself and every row
 * that goes with it. Which rows go with it is asked of the schema, so that a new table needs no
 * change here, and readers never see what is away.
 */
@Component
public class TakenAway {
  private static final Duration KEPT = Duration.ofDays(30);
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** Foreign keys of one column: whose rows go or let go when a row of the other is deleted. */
  private static final String KEYS =
      """
      select c.conrelid::regclass::text as child, a.attname as by, c.confrelid::regclass::text as parent,
             b.attname as of, c.confdeltype = 'n' as lets_go
        from pg_constraint c
        join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
        join pg_attribute b on b.attrelid = c.confrelid and b.attnum = c.confkey[1]
       where c.contype = 'f' and array_length(c.conkey, 1) = 1
         and c.connamespace = current_schema()::regnamespace
      """;

  private final JdbcTemplate database;
  private final EntityManager entities;
  private final Clock clock;

  TakenAway(JdbcTemplate database, EntityManager entities, Clock clock) {
    this.database = database;
    this.entities = entities;
    this.clock = clock;
  }

  private record Key(String child, String by, String parent, String of, boolean letsGo) {}

  /** Something that is away, and until when it can be brought back. */
  public record Away(UUID id, String name, Instant at, Instant until) {}

  /**
   * Deletes a row with all that goes with it, and keeps it for a month.
   *
   * @param table it is in, with an id
   * @param name for whoever looks for it
   * @param account who takes it away; null where nobody did
   */
  @Transactional
  public void take(UUID farmId, String table, UUID id, String name, @Nullable UUID account) {
    entities.flush();
    Held held = new Held(keys());
    held.gather(table, rows(table, "id", List.of(id.toString())));
    Instant now = clock.instant();
    database.update("delete from taken_away where taken_at < ?", Timestamp.from(now.minus(KEPT)));
    database.update(
        "insert into taken_away (id, farm_id, kind, name, taken_at, account_id, held)"
            + " values (?, ?, ?, ?, ?, ?, ?::jsonb)",
        id,
        farmId,
        table,
        name,
        Timestamp.from(now),
        account,
        JSON.writeValueAsString(held.all()));
    database.update("delete from " + table + " where id = ?", id);
    // What was read before is of rows that are gone.
    entities.clear();
  }

  /** What of a kind is away, latest first. */
  @Transactional(readOnly = true)
  public List<Away> of(UUID farmId, String table) {
    return database.query(
        "select id, name, taken_at from taken_away where farm_id = ? and kind = ?"
            + " order by taken_at desc",
        (r, i) -> {
          Instant at = r.getTimestamp(3).toInstant();
          return new Away(r.getObject(1, UUID.class), r.getString(2), at, at.plus(KEPT));
        },
        farmId,
        table);
  }

  /**
   * Puts a row back with all that went with it.
   *
   * @throws NotFound when it is not away, or was for longer than a month
   * @throws Refused when what it belonged to is gone meanwhile
   */
  @Transactional
  public void bringBack(UUID farmId, String table, UUID id) {
    List<String> found =
        database.queryForList(
            "delete from taken_away where farm_id = ? and kind = ? and id = ? returning held",
            String.class,
            farmId,
            table,
            id);
    if (found.isEmpty()) {
      throw new NotFound("It is not among what was taken away in the last 30 days.");
    }
    try {
      JSON.readTree(found.get(0)).forEach(this::putBack);
    } catch (DataIntegrityViolationException e) {
      throw new Refused(
          "", "It cannot come back: what it belonged to is gone, or something took its place.");
    }
    entities.clear();
  }

  private void putBack(JsonNode held) {
    String into = held.get("table").asString();
    for (JsonNode row : held.get("rows")) {
      insert(into, row);
    }
    for (JsonNode link : held.get("links")) {
      database.update(
          "update %s set %s = ? where id = ? and %s is null"
              .formatted(
                  link.get("child").asString(),
                  link.get("by").asString(),
                  link.get("by").asString()),
          UUID.fromString(link.get("to").asString()),
          UUID.fromString(link.get("id").asString()));
    }
  }

  private void insert(String table, JsonNode row) {
    Set<String> there =
        new LinkedHashSet<>(
            database.queryForList(
                "select attname from pg_attribute where attrelid = ?::regclass and attnum > 0"
                    + " and not attisdropped",
                String.class,
                table));
    String columns =
        row.propertyNames().stream()
            .filter(there::contains)
            .map(c -> '"' + c + '"')
            .collect(Collectors.joining(", "));
    database.update(
        "insert into %s (%s) overriding system value select %s from jsonb_populate_record(null::%s, ?::jsonb)"
            .formatted(table, columns, columns, table),
        row.toString());
  }

  private List<Key> keys() {
    return database.query(
        KEYS,
        (r, i) ->
            new Key(
                r.getString("child"),
                r.getString("by"),
                r.getString("parent"),
                r.getString("of"),
                r.getBoolean("lets_go")));
  }

  private List<JsonNode> rows(String table, String by, List<String> values) {
    return database
        .queryForList(
            "select to_jsonb(t) from %s t where t.%s::text = any (?)".formatted(table, by),
            String.class,
            (Object) values.toArray(String[]::new))
        .stream()
        .map(JSON::readTree)
        .toList();
  }

  /** A row of a table that lets go of what is taken away: where it pointed to. */
  private record Link(String child, String by, String id, String to) {}

  /** Rows of a table, and of others those that point to them and stay. */
  private record Rows(String table, List<JsonNode> rows, List<Link> links) {}

  /** What is gathered, parents before their children. */
  private final class Held {
    private final List<Key> keys;
    private final Map<String, Set<JsonNode>> rows = new LinkedHashMap<>();
    private final List<Link> links = new ArrayList<>();

    Held(List<Key> keys) {
      this.keys = keys;
    }

    void gather(String table, List<JsonNode> found) {
      Set<JsonNode> known = rows.computeIfAbsent(table, t -> new LinkedHashSet<>());
      List<JsonNode> fresh = found.stream().filter(known::add).toList();
      if (fresh.isEmpty()) {
        return;
      }
      for (Key key : keys) {
        if (!key.parent().equals(table)) {
          continue;
        }
        List<String> ids = fresh.stream().map(r -> r.get(key.of()).asString()).toList();
        List<JsonNode> children = rows(key.child(), key.by(), ids);
        if (key.letsGo()) {
          children.stream()
              .filter(c -> c.has("id"))
              .map(
                  c ->
                      new Link(
                          key.child(),
                          key.by(),
                          c.get("id").asString(),
                          c.get(key.by()).asString()))
              .forEach(links::add);
        } else {
          gather(key.child(), children);
        }
      }
    }

    /** In an order in which they can be put back: a table after all those it points to. */
    List<Rows> all() {
      List<Rows> ordered = new ArrayList<>();
      Set<String> placed = new LinkedHashSet<>();
      for (String table : rows.keySet()) {
        place(table, placed, ordered);
      }
      if (!ordered.isEmpty()) {
        Rows last = ordered.remove(ordered.size() - 1);
        ordered.add(new Rows(last.table(), last.rows(), links));
      }
      return ordered;
    }

    private void place(String table, Set<String> placed, List<Rows> ordered) {
      if (!placed.add(table)) {
        return;
      }
      keys.stream()
          .filter(k -> k.child().equals(table) && rows.containsKey(k.parent()))
          .forEach(k -> place(k.parent(), placed, ordered));
      ordered.add(new Rows(table, List.copyOf(rows.get(table)), List.of()));
    }
  }
}
