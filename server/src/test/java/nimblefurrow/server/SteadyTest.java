package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * The server as it is shipped, with the heap it is shipped with, used for weeks; and all that it
 * says meanwhile, in a file for reading.
 */
@Tag("apart")
class SteadyTest {
  private static final int DAYS = 40;

  /** So far apart that they go through all of a season. */
  private static final int APART = 6;

  /** Every so many fields are opened each day, and all else is asked every so many days. */
  private static final int OF_FIELDS = 14;

  private static final int OF_DAYS = 6;
  private static final String[] REASONS = {
    "holdSoil",
    "takeUpNitrogen",
    "makeNitrogen",
    "smotherWeeds",
    "openTightGround",
    "carryMachine",
    "feedCattle"
  };

  @Test
  void fortyDaysOfAFarmFitIntoTheShippedHeap() throws Exception {
    try (Apart server = Apart.start("steady", "-Xmx512m", "-XX:+ExitOnOutOfMemoryError")) {
      Api owner = server.owner();
      String farm = owner.farm();
      LocalDate first = LocalDate.of(2026, 9, 13);
      Sentences said = new Sentences();
      for (int d = 0; d < DAYS; d++) {
        LocalDate day = first.plusDays((long) d * APART);
        owner.put(farm + "/clock", Map.of("today", day.toString())).ok();
        JsonNode season = owner.get(farm + "/season").ok().json();
        said.hear("season", season);
        JsonNode furrows = season.get("furrows");
        for (int f = d % OF_FIELDS; f < furrows.size(); f += OF_FIELDS) {
          String field = farm + "/fields/" + furrows.get(f).get("fieldId").asString();
          said.hear("field", owner.get(field + "/season").ok().json());
        }
        if (d % OF_DAYS == 0) {
          said.hear("endings", owner.get(farm + "/endings").ok().json());
          said.hear("hours", owner.get(farm + "/hours").ok().json());
          said.hear("odds", owner.get(farm + "/field-work/odds").ok().json());
          said.hear("open", owner.get(farm + "/open").ok().json());
          said.hear("catch up", owner.get(farm + "/catch-up").ok().json());
          String one =
              farm + "/fields/" + furrows.get(d % furrows.size()).get("fieldId").asString();
          said.hear(
              "covers",
              owner
                  .get(one + "/covers?purpose=" + REASONS[d / OF_DAYS % REASONS.length])
                  .ok()
                  .json());
          said.hear("job", owner.get(one + "/job").ok().json());
        }
      }
      said.write(Path.of("target", "sentences.txt"));
      assertThat(said.all()).hasSizeGreaterThan(1000);
      assertThat(said.odd()).isEmpty();
      assertThat(said.onRows()).isGreaterThan(100);
      assertThat(said.longOnRows()).isEmpty();
      assertThat(server.alive()).isTrue();
      assertThat(Files.readString(server.log())).doesNotContain("OutOfMemoryError");
    }
  }
}
