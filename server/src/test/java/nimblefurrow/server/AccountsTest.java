package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Who may come in, and how far. */
class AccountsTest {
  private static final String PASSWORD = Api.PASSWORD;

  private static String address() {
    return UUID.randomUUID() + "@orrin.example";
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
    owner.letIn(farm, "operator", operator);
    owner.letIn(farm, "viewer", viewer);
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
            .get("entries")
            .valueStream()
            .filter(e -> e.at("/entry/words").asString().equals("dry on top"))
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
    owner.letIn(other, "viewer", stranger);
    Api browser = signedIn(stranger);
    assertThat(browser.get("/api/farms").ok().json()).hasSize(1);
    assertThat(browser.get(owner.farm() + "/season").refused(404)).contains("not yours to see");
    assertThat(Api.browser(App.demo()).get(owner.farm() + "/season").refused(401))
        .contains("Sign in");
  }

  @Test
  void guessingIsSlowedDown() throws Exception {
    String email = address();
    Api.owner().letIn(Api.owner().newFarm(), "viewer", email);
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
    Api owner = Api.browser(App.demo());
    owner.post("/api/session/demo", Map.of()).ok();
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

  @Test
  void aLinkWorksOnceAndTheAccountIsThePersonsOwn() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    Map<String, Object> hand = Map.of("label", "the new hand", "role", "operator");
    JsonNode link = owner.post(farm + "/invitations", hand).ok().json();
    String door = "/api/invitations/" + link.get("secret").asString();
    assertThat(owner.get(farm + "/invitations").ok().text())
        .contains("the new hand")
        .doesNotContain(link.get("secret").asString());
    Api browser = Api.browser(App.demo());
    JsonNode seen = browser.get(door).ok().json();
    assertThat(seen.get("role").asString()).isEqualTo("operator");
    assertThat(seen.get("farm").asString()).startsWith("Farm ");
    String email = address();
    Map<String, Object> weak = Map.of("email", email, "name", "Ilse", "password", "password123");
    assertThat(browser.post(door + "/account", weak).refused(422)).contains("guessed");
    Map<String, Object> account = Map.of("email", email, "name", "Ilse", "password", PASSWORD);
    browser.post(door + "/account", account).ok();
    assertThat(browser.get("/api/farms").ok().json()).hasSize(1);
    assertThat(browser.get(door).refused(404)).contains("used already");

    // Someone who has an account already uses it; a second link raises, never lowers.
    JsonNode again =
        owner.post(farm + "/invitations", Map.of("label", "x", "role", "viewer")).ok().json();
    browser.post("/api/invitations/" + again.get("secret").asString() + "/accept", Map.of()).ok();
    assertThat(browser.get("/api/farms").ok().json().at("/0/role").asString())
        .isEqualTo("operator");
    JsonNode third =
        owner.post(farm + "/invitations", Map.of("label", "x", "role", "viewer")).ok().json();
    owner.delete(farm + "/invitations/" + third.get("id").asString()).ok();
    assertThat(browser.get("/api/invitations/" + third.get("secret").asString()).refused(404))
        .contains("taken back");
    assertThat(browser.post(farm + "/invitations", hand).refused(403)).contains("the owner");
  }

  @Test
  void aPasswordIsChangedByItsOwnerAndEndsOtherSessions() throws Exception {
    Api owner = Api.owner();
    String email = address();
    Api here = owner.letIn(owner.newFarm(), "viewer", email);
    Api elsewhere = signedIn(email);
    Map<String, Object> sneaked = Map.of("name", "Ilse", "units", "us", "password", "other");
    assertThat(here.put("/api/account", sneaked).refused(422)).contains("by itself");
    String door = "/api/account/password";
    assertThat(here.put(door, Map.of("now", "wrong", "next", "a better sentence")).refused(422))
        .contains("do not belong together");
    assertThat(here.put(door, Map.of("now", PASSWORD, "next", "1234567890")).refused(422))
        .contains("guessed");
    here.put(door, Map.of("now", PASSWORD, "next", "a better sentence")).ok();
    assertThat(here.get("/api/farms").status()).isEqualTo(200);
    assertThat(elsewhere.get("/api/farms").status()).isEqualTo(401);
    Api browser = Api.browser(App.demo());
    browser.post("/api/session", Map.of("email", email, "password", PASSWORD)).refused(422);
    browser.post("/api/session", Map.of("email", email, "password", "a better sentence")).ok();
  }

  @Test
  void aTokenMakesNoTokensAndChangesNoPassword() throws Exception {
    Api owner = Api.owner();
    Api person = owner.letIn(owner.newFarm(), "owner");
    JsonNode made = person.post("/api/account/tokens", Map.of("name", "rain script")).ok().json();
    Api script = Api.withToken(App.demo(), made.get("secret").asString());
    assertThat(script.post("/api/account/tokens", Map.of("name", "more")).refused(403))
        .contains("A token may not");
    assertThat(
            script
                .put("/api/account/password", Map.of("now", PASSWORD, "next", "a better sentence"))
                .refused(403))
        .contains("A token may not");
  }

  @Test
  void triesSideBySideAreCountedAndNobodyElseIsShutOut() throws Exception {
    Api owner = Api.owner();
    String email = address();
    owner.letIn(owner.newFarm(), "viewer", email);
    var pool = java.util.concurrent.Executors.newFixedThreadPool(12);
    List<java.util.concurrent.Future<Integer>> tries = new ArrayList<>();
    for (int i = 0; i < 24; i++) {
      Map<String, Object> guess = Map.of("email", email, "password", "guess " + i);
      tries.add(pool.submit(() -> Api.browser(App.demo()).post("/api/session", guess).status()));
    }
    int checked = 0;
    for (var one : tries) {
      checked += one.get() == 422 ? 1 : 0;
    }
    pool.shutdown();
    assertThat(checked).isEqualTo(8);
    // From another place the owner still comes in.
    App.demo().sql("update login_failure set client = '192.0.2.7' where email = '" + email + "'");
    signedIn(email);
  }

  @Test
  void aFirstAccountIsMadeOnceHoweverManyAsk() throws Exception {
    var pool = java.util.concurrent.Executors.newFixedThreadPool(6);
    List<java.util.concurrent.Future<Integer>> all = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      Map<String, Object> me = Map.of("email", address(), "name", "Odo", "password", PASSWORD);
      all.add(pool.submit(() -> Api.browser(App.untouched()).post("/api/first-run", me).status()));
    }
    int opened = 0;
    for (var one : all) {
      opened += one.get() == 200 ? 1 : 0;
    }
    pool.shutdown();
    assertThat(opened).isEqualTo(1);
  }
}
