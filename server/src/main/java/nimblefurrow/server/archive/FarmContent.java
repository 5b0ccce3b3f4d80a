package nimblefurrow.server.archive;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * A farm as it stands in the database.
 *
 * @param farm the farm's own row, as JSON
 * @param rows its rows by table, each as JSON
 */
public record FarmContent(String farm, Map<String, List<String>> rows) implements RowSource {
  @Override
  public void each(String table, Consumer<String> row) {
    rows.getOrDefault(table, List.of()).forEach(row);
  }
}
