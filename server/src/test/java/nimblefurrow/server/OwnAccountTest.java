package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What people do with their own accounts: address, where they are signed in, leaving a farm. */
class OwnAccountTest {
  private static String address() {
    return UUID.randomUUID() + "@orrin.example";
  }

  private static Api signedIn(String email) throws Exception {
    Api browser = Api.browser(App.demo());
    browser.post("/api/session", Map.of("email", email, "password", Api.PASSWORD)).ok();
    return browser;
  }

  private static Map<String, String> move(String email, String password) {
    return Map.of("email", email, "password", password);
  }

  @Test
  void anAddressIsChangedWithThePassword() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String old = address();
    String taken = address();
    String next = address();
    owner.letIn(farm, "viewer", taken);
    Api ilse = owner.letIn(farm, "operator", old);
    String door = "/api/account/email";
    assertThat(ilse.put(door, move(next, "not the password")).refused(422))
        .contains("do not belong together");
    assertThat(ilse.put(door, move("nowhere", Api.PASSWORD)).refused(422))
        .contains("“nowhere” is not an e-mail address");
    assertThat(
            ilse.put(door, move(taken.toUpperCase(java.util.Locale.ROOT), Api.PASSWORD))
                .refused(422))
        .contains("already an account");
    ilse.put(door, move(next, Api.PASSWORD)).ok();
    ilse.put(door, move(next, Api.PASSWORD)).ok();
    assertThat(ilse.get("/api/session").ok().json().get("email").asString()).isEqualTo(next);
    assertThat(signedIn(next).get(farm + "/season").status()).isEqualTo(200);
    Map<String, String> before = Map.of("email", old, "password", Api.PASSWORD);
    assertThat(Api.browser(App.demo()).post("/api/session", before).status()).isEqualTo(422);
    assertThat(owner.put(door, move(address(), Api.PASSWORD)).refused(403))
        .as("not by a token")
        .contains("sign in with your password");
  }

  @Test
  void oneIsSignedOutElsewhereAndStaysHere() throws Exception {
    Api owner = Api.owner();
    String email = address();
    owner.letIn(owner.demoCopy(), "operator", email);
    Api desk = signedIn(email);
    Api lost = signedIn(email);
    JsonNode places = desk.get("/api/account/sessions").ok().json();
    assertThat(places).as("the link's own browser, the desk and the lost one").hasSize(3);
    assertThat(places.valueStream().filter(p -> p.get("here").asBoolean())).hasSize(1);
    JsonNode there = null;
    for (JsonNode p : lost.get("/api/account/sessions").ok().json()) {
      there = p.get("here").asBoolean() ? p : there;
    }
    assertThat(there.get("device").asString()).isEqualTo("computer");
    String id = there.get("id").asString();
    Api other = owner.letIn(owner.demoCopy(), "viewer");
    assertThat(other.delete("/api/account/sessions/" + id).status())
        .as("another's session is not theirs to end")
        .isEqualTo(404);
    assertThat(lost.get("/api/farms").status()).isEqualTo(200);
    desk.delete("/api/account/sessions/" + id).ok();
    assertThat(lost.get("/api/farms").status()).isEqualTo(401);
    assertThat(desk.get("/api/account/sessions").ok().json()).hasSize(2);
    assertThat(desk.delete("/api/account/sessions/" + id).refused(404)).contains("not signed in");
  }

  @Test
  void oneLeavesAFarmThatKeepsAnOwner() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String email = address();
    Api ilse = owner.letIn(farm, "viewer", email);
    String members = farm + "/members";
    String hers = "";
    String mine = "";
    for (JsonNode m : owner.get(members).ok().json()) {
      boolean her = m.get("email").asString().equals(email);
      hers = her ? m.get("id").asString() : hers;
      mine = her ? mine : m.get("id").asString();
    }
    assertThat(owner.delete(members + "/" + mine).refused(422)).contains("the only owner");
    assertThat(ilse.delete(members + "/" + mine).status()).as("not another").isEqualTo(403);
    ilse.delete(members + "/" + hers).ok();
    assertThat(ilse.get(farm + "/season").status()).isEqualTo(404);
    assertThat(owner.get(members).ok().json()).hasSize(1);
    assertThat(ilse.delete(members + "/" + hers).status()).isEqualTo(404);

    String next = address();
    Api heir = owner.letIn(farm, "owner", next);
    owner.delete(members + "/" + mine).ok();
    assertThat(owner.get(farm + "/season").status()).isEqualTo(404);
    assertThat(heir.get(members).ok().json()).hasSize(1);
  }
}
