package nimblefurrow.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** What has changed about a plan is told in sentences. */
class CircumstancesTest {
  @Test
  void whatIsNewWhatIsOtherAndWhatIsGone() {
    Map<String, String> was =
        Map.of("machine 1", "Drill runs", "pin a", "Heron Low: it is settled", "crew", "Bo works");
    Map<String, String> now =
        Map.of(
            "machine 1", "Drill stands", "crew", "Bo works", "hire", "Tern Hollow is worked for");
    assertThat(Circumstances.changes(was, now))
        .containsExactlyInAnyOrder(
            "Drill stands.",
            "Tern Hollow is worked for.",
            "No longer so: Heron Low: it is settled.");
    assertThat(Circumstances.changes(now, now)).isEmpty();
  }
}
