package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The server as it is shipped, with the heap it is shipped with, used for weeks. */
class SteadyTest {
  private static final int DAYS = 60;

  @Test
  void sixtyDaysOfAFarmFitIntoTheShippedHeap() throws Exception {
    try (Apart server = Apart.start("steady", "-Xmx512m", "-XX:+ExitOnOutOfMemoryError")) {
      Api owner = server.owner();
      String farm = owner.farm();
      LocalDate first = LocalDate.of(2026, 9, 13);
      for (int d = 0; d < DAYS; d++) {
        LocalDate day = first.plusDays(d * 4L);
        owner.put(farm + "/clock", Map.of("today", day.toString())).ok();
        JsonNode furrows = owner.get(farm + "/season").ok().json().get("furrows");
        for (int f = d % 5; f < furrows.size(); f += 5) {
          String field = farm + "/fields/" + furrows.get(f).get("fieldId").asString();
          owner.get(field + "/season").ok();
        }
        if (d % 6 == 0) {
          owner.get(farm + "/endings").ok();
          owner.get(farm + "/hours").ok();
          owner.get(farm + "/rota/odds").ok();
        }
      }
      assertThat(server.alive()).isTrue();
      assertThat(Files.readString(server.log())).doesNotContain("OutOfMemoryError");
    }
  }
}
