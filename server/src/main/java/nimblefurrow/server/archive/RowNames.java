package nimblefurrow.server.archive;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Which rows a farm has, and what each is called where they are put. */
final class RowNames {
  /** Pictures and papers stand in their rows, two letters a byte. */
  private static final int LONGEST_TEXT = 24 << 20;

  private static final int MOST = 500_000;
  private static final JsonMapper JSON =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder().maxStringLength(LONGEST_TEXT).build())
                  .build())
          .build();
  private static final Pattern ID =
      Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

  /**
   * A row as it is written.
   *
   * @param columns that it says something of
   */
  record Row(String text, Set<String> columns) {}

  private final Map<String, Set<UUID>> there = new HashMap<>();
  private final Map<String, String> renamed = new HashMap<>();
  private final UUID farm;
  private final Map<UUID, UUID> people;

  /**
   * Reads them all once.
   *
   * @param farm they are put into
   * @param people who stands for whom; who is not among them wrote nothing
   * @throws Refused when there are more than fit, or what is no row
   */
  RowNames(RowSource source, List<FarmTable> tables, UUID farm, Map<UUID, UUID> people) {
    this.farm = farm;
    this.people = people;
    int count = 0;
    for (FarmTable table : tables) {
      Set<UUID> ids = new HashSet<>();
      source.each(table.name(), row -> add(ids, read(row)));
      count += ids.size();
      if (count > MOST) {
        throw new Refused("", "It holds more than %,d rows; no farm has as many.".formatted(MOST));
      }
      there.put(table.name(), ids);
    }
    renamed.put(read(source.farm()).path("id").asString(""), farm.toString());
  }

  private static void add(Set<UUID> ids, JsonNode row) {
    String id = row.path("id").asString("");
    if (ids.size() <= MOST && ID.matcher(id).matches()) {
      ids.add(UUID.fromString(id));
    }
  }

  Set<UUID> of(String table) {
    return there.getOrDefault(table, Set.of());
  }

  /** From now on each row has another id, and what is made of it follows. */
  void anew(List<NamedAfter> followers) {
    there.values().stream()
        .flatMap(Set::stream)
        .forEach(was -> renamed.put(was.toString(), UUID.randomUUID().toString()));
    // After all others: what is made of an id may be a row's own.
    for (NamedAfter follower : followers) {
      for (UUID was : of(follower.table())) {
        UUID is = UUID.fromString(renamed.getOrDefault(was.toString(), was.toString()));
        follower.of(was, is).forEach((a, b) -> renamed.put(a.toString(), b.toString()));
      }
    }
  }

  /** What the farm's station is called here; nothing where it is not among the rows. */
  @Nullable UUID stationOf(RowSource source) {
    String was = read(source.farm()).path("station_id").asString("");
    boolean here = ID.matcher(was).matches() && of("station").contains(UUID.fromString(was));
    return here ? UUID.fromString(renamed.getOrDefault(was, was)) : null;
  }

  /**
   * A row as it is put: of this farm, by people of this server.
   *
   * @throws Refused when it points to a row that is not there
   */
  Row put(FarmTable table, String text) {
    ObjectNode row = read(text);
    if (row.has("farm_id")) {
      row.put("farm_id", farm.toString());
    }
    for (String column : table.people()) {
      UUID now = people.get(id(table, row.path(column)));
      if (now == null) {
        row.putNull(column);
      } else {
        row.put(column, now.toString());
      }
    }
    for (FarmTable.Pointer pointer : table.points()) {
      UUID to = id(table, row.path(pointer.column()));
      if (to != null && !of(pointer.to()).contains(to)) {
        throw new Refused(
            "",
            "A row of “%s” points to one of “%s” that is not in it."
                .formatted(table.name(), pointer.to()));
      }
    }
    String now =
        ID.matcher(row.toString())
            .replaceAll(found -> renamed.getOrDefault(found.group(), found.group()));
    return new Row(now, Set.copyOf(row.propertyNames()));
  }

  private static @Nullable UUID id(FarmTable table, JsonNode value) {
    String text = value.asString("");
    if (text.isEmpty()) {
      return null;
    }
    if (!ID.matcher(text).matches()) {
      throw new Refused("", "A row of “%s” has an id that is none.".formatted(table.name()));
    }
    return UUID.fromString(text);
  }

  private static ObjectNode read(String row) {
    if (JSON.readTree(row) instanceof ObjectNode object) {
      return object;
    }
    throw new Refused("", "It holds something else where a row should stand.");
  }
}
