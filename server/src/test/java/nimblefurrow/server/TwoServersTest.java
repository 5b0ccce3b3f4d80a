package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Two servers share one database, from its first moment on. */
class TwoServersTest {
  @Test
  void twoThatFirstStartOnOneEmptyDatabaseBothComeUpAndShowTheSameFarm() throws Exception {
    List<Apart> both = Apart.two("pair");
    try (Apart one = both.get(0);
        Apart other = both.get(1)) {
      assertThat(both.stream().filter(Apart::madeTheFarm)).as("one farm, made once").hasSize(1);
      Apart maker = one.madeTheFarm() ? one : other;
      for (Apart server : both) {
        Api owner = server.owner(maker);
        String farm = owner.farm();
        assertThat(owner.get(farm + "/season").ok().json().get("furrows")).hasSize(29);
      }
    }
  }
}
