package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Two servers share one database, from its first moment on. */
@Tag("apart")
class TwoServersTest {
  @Test
  void twoThatFirstStartOnOneEmptyDatabaseBothComeUpAndShowTheSameFarm() throws Exception {
    List<Apart> both = Apart.two("pair", "-Dnimble-furrow.demo-kept-plan=true");
    try (Apart one = both.get(0);
        Apart other = both.get(1)) {
      assertThat(both.stream().filter(Apart::madeTheFarm)).as("one farm, made once").hasSize(1);
      Apart maker = one.madeTheFarm() ? one : other;
      for (Apart server : both) {
        Api owner = server.owner(maker);
        String farm = owner.farm();
        assertThat(owner.get(farm + "/season").ok().json().get("furrows")).hasSize(29);
      }
      // Both would keep the work of the made-up farm; it is kept once, and taken back in one step.
      Api owner = one.owner(maker);
      String work = owner.farm() + "/field-work";
      Awaitility.await()
          .atMost(Duration.ofMinutes(4))
          .until(() -> !owner.get(work).ok().json().get("items").isEmpty());
      assertThat(owner.post(work + "/undo", Map.of()).ok().json().get("undone").asBoolean())
          .isTrue();
      assertThat(owner.get(work).ok().json().get("items")).isEmpty();
      assertThat(owner.post(work + "/undo", Map.of()).ok().json().get("undone").asBoolean())
          .isFalse();
    }
  }
}
