package nimblefurrow.server.archive;

import java.util.function.Consumer;

/** Where the rows of a farm come from. */
public interface RowSource {
  /** The farm's own row, as JSON. */
  String farm();

  /** Hands on every row of a table, as JSON, in its order; asked again it begins anew. */
  void each(String table, Consumer<String> row);
}
