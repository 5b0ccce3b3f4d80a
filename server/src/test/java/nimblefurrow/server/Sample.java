package nimblefurrow.server;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Bodies made up from the interface's own document: of the right shape, and of no sense. */
final class Sample {
  private static final int DEEPEST = 6;
  private final JsonNode document;

  Sample(JsonNode document) {
    this.document = document;
  }

  /** A body for an operation; null when it takes none. */
  Object body(JsonNode operation) {
    JsonNode schema = operation.at("/requestBody/content/application~1json/schema");
    return schema.isMissingNode() ? null : value(schema, 0);
  }

  private Object value(JsonNode schema, int depth) {
    if (schema.has("$ref")) {
      return value(document.at(schema.get("$ref").asString().substring(1)), depth);
    }
    if (schema.has("enum")) {
      return schema.at("/enum/0").asString();
    }
    JsonNode types = schema.path("type");
    String type = types.isArray() ? types.get(0).asString() : types.asString("object");
    return switch (type) {
      case "string" -> text(schema.path("format").asString(""));
      case "integer" -> 1;
      case "number" -> 1.5;
      case "boolean" -> false;
      case "array" -> depth > DEEPEST ? List.of() : new ArrayList<>();
      default -> object(schema, depth);
    };
  }

  private Map<String, Object> object(JsonNode schema, int depth) {
    Map<String, Object> all = new LinkedHashMap<>();
    if (depth <= DEEPEST) {
      for (JsonNode name : schema.path("required")) {
        all.put(name.asString(), value(schema.path("properties").path(name.asString()), depth + 1));
      }
    }
    return all;
  }

  private static String text(String format) {
    return switch (format) {
      case "uuid" -> UUID.randomUUID().toString();
      case "date" -> "2026-10-01";
      case "date-time" -> "2026-10-01T08:00:00";
      default -> "x";
    };
  }
}
