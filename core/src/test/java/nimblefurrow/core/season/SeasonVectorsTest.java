package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The model against outputs of a separate implementation: within 0.1 %, stage days within one. */
class SeasonVectorsTest {

  @ParameterizedTest
  @ValueSource(
      strings = {
        "a-rye-drill-roll",
        "a-rye-interseeded",
        "a-rye-vetch-kill",
        "a-ryegrass-clover-v5",
        "b-frost-seeded-clover",
        "c-crimson-roll",
        "d-wheat-low-n"
      })
  void reproducesTheVector(String name) throws IOException {
    SeasonVector vector = SeasonVector.load(name);
    SeasonRun run = SeasonModel.shipped().run(vector.sky(), vector.plan());
    List<String> differences = new ArrayList<>();
    compare("", vector.expected().get("summary"), SeasonAnswers.summary(run), differences);
    for (JsonNode point : vector.expected().get("checkpoints")) {
      String date = point.get("date").asText();
      compare(date, point, SeasonAnswers.checkpoint(run, LocalDate.parse(date)), differences);
    }
    assertThat(differences).isEmpty();
  }

  private static void compare(
      String path, JsonNode want, @Nullable Object got, List<String> differences) {
    if (want.isObject()) {
      for (Iterator<Map.Entry<String, JsonNode>> it = want.fields(); it.hasNext(); ) {
        Map.Entry<String, JsonNode> entry = it.next();
        Object value = got instanceof Map<?, ?> map ? map.get(entry.getKey()) : null;
        compare(path + "." + entry.getKey(), entry.getValue(), value, differences);
      }
    } else if (want.isArray()) {
      for (int i = 0; i < want.size(); i++) {
        Object value = got instanceof List<?> list && i < list.size() ? list.get(i) : null;
        compare(path + "[" + i + "]", want.get(i), value, differences);
      }
    } else if (!same(path, want, got)) {
      differences.add(path + ": expected " + want + ", got " + got);
    }
  }

  private static boolean same(String path, JsonNode want, @Nullable Object got) {
    if (want.isNumber()) {
      double w = want.asDouble();
      return got instanceof Number n
          && Math.abs(n.doubleValue() - w) <= Math.max(1e-4, 1e-3 * Math.abs(w));
    }
    if (want.isNull()) {
      return got == null;
    }
    if (got instanceof LocalDate date) {
      int slack = path.contains("stages") || path.contains("emergedOn") ? 1 : 0;
      LocalDate expected = LocalDate.parse(want.asText());
      return Math.abs(date.toEpochDay() - expected.toEpochDay()) <= slack;
    }
    return want.asText().equals(got);
  }
}
