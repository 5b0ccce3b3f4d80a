package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The document the web's types are made from is the one the server speaks. */
class OpenApiTest {
  @Test
  void theCommittedDocumentIsTheServers() throws Exception {
    Path committed = Path.of("../web/openapi.json");
    JsonMapper json = JsonMapper.shared();
    JsonNode served = json.readTree(Api.browser(App.demo()).get("/api/openapi").ok().text());
    if (Boolean.getBoolean("openapi.write")) {
      Files.writeString(
          committed, json.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
    }
    assertThat(json.readTree(Files.readString(committed)))
        .as("the interface changed: run scripts/types and commit what it writes")
        .isEqualTo(served);
  }
}
