package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Every operation of the interface is done by a test that looks at what it answers. {@link
 * EveryDoorTest}, which knocks at all of them, does not count. Runs after all others.
 */
@Order(Integer.MAX_VALUE)
class OperationsTest {
  /** Fewer classes than this have not been a whole run, and say nothing. */
  private static final int WHOLE_RUN = 15;

  /**
   * Done well only by a server for the local network, which the tests' is not: its test asks the
   * door itself ({@code TrustControllerTest}).
   */
  private static final Set<String> ELSEWHERE = Set.of("GET /api/trust/certificate");

  @Test
  void everyOperationIsDoneByATest() throws Exception {
    assumeTrue(Asked.classes() >= WHOLE_RUN, "only some tests ran");
    JsonNode paths = Api.browser(App.demo()).get("/api/openapi").ok().json().get("paths");
    List<String> unasked = new ArrayList<>();
    paths
        .properties()
        .forEach(
            p ->
                p.getValue()
                    .properties()
                    .forEach(
                        m -> {
                          String verb = m.getKey().toUpperCase(Locale.ROOT);
                          Pattern path =
                              Pattern.compile(
                                  verb
                                      + " "
                                      + p.getKey()
                                          .replace(".", "[.]")
                                          .replaceAll("\\{[^}]+}", "[^/]+"));
                          if (!Asked.any(path) && !ELSEWHERE.contains(verb + " " + p.getKey())) {
                            unasked.add(verb + " " + p.getKey());
                          }
                        }));
    assertThat(unasked).as("operations that no test does").isEmpty();
  }
}
