package nimblefurrow.server.archive;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A table that holds rows of farms.
 *
 * @param rows what picks the rows of the farm {@code :farm} out of the table as {@code t}
 * @param columns those that are written; what the database counts or computes itself is not
 * @param numbered whether the database numbers its rows in the order in which they came
 * @param points its columns that name rows of farms' tables, with those tables
 * @param people its columns that name people
 */
record FarmTable(
    String name,
    String rows,
    List<String> columns,
    boolean numbered,
    List<Pointer> points,
    List<String> people) {

  /** A column that holds the id of a row of a farm's table. */
  record Pointer(String column, String to) {}

  boolean hasId() {
    return columns.contains("id") && !numbered;
  }

  String select() {
    return "select to_jsonb(t)::text from %s t where %s%s"
        .formatted(name, rows, numbered ? " order by t.id" : "");
  }

  /** Writes rows that have some columns; others are as they are where nothing is said. */
  String insert(Set<String> given) {
    String all =
        columns.stream()
            .filter(given::contains)
            .map(c -> '"' + c + '"')
            .collect(Collectors.joining(", "));
    return "insert into %s (%s) select %s from jsonb_populate_recordset(null::%s, ?::jsonb)"
        .formatted(name, all, all, name);
  }
}
