package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Who may come in, and how far. */
class AccountsTest {
  private static final String PASSWORD = "long enough word";

  private static String address() {
    return UUID.randomUUID() + "@orrin.example";
  }

  private static Map<String, Object> member(String email, String role) {
    return Map.of("email", email, "role", role, "name", "Ilse", "password", PASSWORD);
  }

  private static Api signedIn(String email) throws Exception {
    Api browser = Api.browser(App.demo());
    browser.post("/api/session", Map.of("email", email, "password", PASSWORD)).ok();
    return browser;
  }

  @Test
  void operatorsLogAndViewersOnlySee() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = farm + "/fields/" + owner.furrow(farm, "Mill Quarter").get("fieldId").asString();
    String operator = address();
    String viewer = address();
    owner.post(farm + "/members", member(operator, "operator")).ok();
    owner.post(farm + "/members", member(viewer, "viewer")).ok();
    Map<String, Object> entry =
        Map.of("doneOn", "2026-09-10", "kind", "note", "words", "dry on top");
    String log = field + "/log/" + UUID.randomUUID();

    assertThat(signedIn(viewer).get(farm + "/season").status()).isEqualTo(200);
    assertThat(signedIn(viewer).put(log, entry).refused(403)).contains("needs an operator");
    signedIn(operator).put(log, entry).ok();
    signedIn(operator).put(log, entry).ok();
    long times =
        owner
            .get(field + "/log")
            .ok()
            .json()
            .valueStream()
            .filter(e -> e.get("words").asString().equals("dry on top"))
            .count();
    assertThat(times).as("the same entry sent twice is stored once").isEqualTo(1);
    assertThat(
            signedIn(operator)
                .post(farm + "/plans", Map.of("what", "", "plans", java.util.List.of()))
                .refused(403))
        .contains("needs the owner");
  }

  @Test
  void nobodySeesAnothersFarm() throws Exception {
    Api owner = Api.owner();
    String stranger = address();
    String other = owner.newFarm();
    owner.post(other + "/members", member(stranger, "viewer")).ok();
    Api browser = signedIn(stranger);
    assertThat(browser.get("/api/farms").ok().json()).hasSize(1);
    assertThat(browser.get(owner.farm() + "/season").refused(404)).contains("not yours to see");
    assertThat(Api.browser(App.demo()).get(owner.farm() + "/season").refused(401))
        .contains("Sign in");
  }

  @Test
  void guessingIsSlowedDown() throws Exception {
    String email = address();
    Api.owner().post(Api.owner().newFarm() + "/members", member(email, "viewer")).ok();
    Api browser = Api.browser(App.demo());
    for (int i = 0; i < 8; i++) {
      browser.post("/api/session", Map.of("email", email, "password", "guess " + i)).refused(422);
    }
    assertThat(
            browser.post("/api/session", Map.of("email", email, "password", PASSWORD)).refused(429))
        .contains("Too many tries");
  }

  @Test
  void cookiesAloneDoNotWrite() throws Exception {
    App app = App.demo();
    java.net.http.HttpClient http = java.net.http.HttpClient.newHttpClient();
    var request =
        java.net.http.HttpRequest.newBuilder(
                java.net.URI.create(app.address() + "/api/session/demo"))
            .POST(java.net.http.HttpRequest.BodyPublishers.noBody())
            .build();
    assertThat(http.send(request, java.net.http.HttpResponse.BodyHandlers.ofString()).statusCode())
        .isEqualTo(403);
  }

  @Test
  void tokensWorkUntilTheyAreRevoked() throws Exception {
    Api owner = Api.owner();
    JsonNode made = owner.post("/api/account/tokens", Map.of("name", "rain script")).ok().json();
    Api script = Api.withToken(App.demo(), made.get("secret").asString());
    assertThat(script.get("/api/farms").ok().json().get(0).get("name").asString()).isNotBlank();
    assertThat(owner.get("/api/account/tokens").ok().text())
        .contains("rain script")
        .doesNotContain(made.get("secret").asString());
    owner.delete("/api/account/tokens/" + made.get("id").asString()).ok();
    assertThat(script.get("/api/farms").status()).isEqualTo(401);
  }

  @Test
  void aFreshServerIsOwnedByTheFirstAndHasNoDemoDoor() throws Exception {
    Api browser = Api.browser(App.empty());
    assertThat(browser.get("/api/session").ok().json().get("firstRun").asBoolean()).isTrue();
    assertThat(browser.post("/api/session/demo", Map.of()).refused(404)).contains("no demo farm");
    Map<String, Object> me = Map.of("email", address(), "name", "Odo", "password", "short");
    assertThat(browser.post("/api/first-run", me).refused(422)).contains("at least 10 characters");
    Map<String, Object> good = Map.of("email", address(), "name", "Odo", "password", PASSWORD);
    browser.post("/api/first-run", good).ok();
    assertThat(browser.get("/api/farms").ok().json()).isEmpty();
    assertThat(Api.browser(App.empty()).post("/api/first-run", good).refused(403))
        .contains("owner already");
  }
}
