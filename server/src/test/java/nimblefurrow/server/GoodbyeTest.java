package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import nimblefurrow.server.picture.CameraPicture;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Passwords that were forgotten; farms and accounts that are given up, with a last archive. */
class GoodbyeTest {
  private static String email() {
    return UUID.randomUUID() + "@orrin.example";
  }

  private static String nameOf(Api who, String farm) throws Exception {
    for (JsonNode f : who.get("/api/farms").ok().json()) {
      if (farm.endsWith(f.get("id").asString())) {
        return f.get("name").asString();
      }
    }
    throw new AssertionError("not on the farm");
  }

  private static String memberId(Api owner, String farm, String email) throws Exception {
    for (JsonNode m : owner.get(farm + "/members").ok().json()) {
      if (m.get("email").asString().equals(email)) {
        return m.get("id").asString();
      }
    }
    throw new AssertionError("not a member");
  }

  private static Api signIn(String email, String password, int status) throws Exception {
    Api browser = Api.browser(App.demo());
    Map<String, Object> who = Map.of("email", email, "password", password);
    assertThat(browser.post("/api/session", who).status()).isEqualTo(status);
    return browser;
  }

  @Test
  void aMemberSetsANewPasswordByALinkThatWorksOnce() throws Exception {
    String farm = Api.owner().newFarm();
    Api boss = Api.owner().letIn(farm, "owner");
    String email = email();
    Api member = boss.letIn(farm, "operator", email);
    String door = farm + "/members/" + memberId(boss, farm, email) + "/password-link";
    assertThat(member.post(door, null).status()).as("only owners make one").isEqualTo(403);
    assertThat(Api.owner().post(door, null).refused(403)).contains("sign in with your password");

    String first = boss.post(door, null).ok().json().get("secret").asString();
    String secret = boss.post(door, null).ok().json().get("secret").asString();
    Api anyone = Api.browser(App.demo());
    Map<String, Object> next = Map.of("password", "another long word");
    assertThat(anyone.post("/api/password-links/" + first, next).refused(404))
        .as("the later link takes the place of the earlier")
        .contains("used already");
    assertThat(
            anyone.post("/api/password-links/" + secret, Map.of("password", "short")).refused(422))
        .contains("at least");
    anyone.post("/api/password-links/" + secret, next).ok();
    assertThat(anyone.post("/api/password-links/" + secret, next).status()).isEqualTo(404);
    assertThat(member.get(farm + "/fields").status()).as("signed out everywhere").isEqualTo(401);
    signIn(email, Api.PASSWORD, 422);
    assertThat(signIn(email, "another long word", 200).get(farm + "/fields").status())
        .isEqualTo(200);
  }

  @Test
  void noLinkOpensAFarmThatIsNotTheOwners() throws Exception {
    String mine = Api.owner().newFarm();
    String theirs = Api.owner().newFarm();
    Api boss = Api.owner().letIn(mine, "owner");
    Api otherBoss = Api.owner().letIn(theirs, "owner");
    String email = email();
    Api member = boss.letIn(mine, "operator", email);
    JsonNode link =
        otherBoss.post(theirs + "/invitations", Map.of("label", "x", "role", "viewer")).ok().json();
    member.post("/api/invitations/" + link.get("secret").asString() + "/accept", null).ok();
    String door = mine + "/members/" + memberId(boss, mine, email) + "/password-link";
    assertThat(boss.post(door, null).refused(403)).contains(nameOf(otherBoss, theirs));
    String nobody = mine + "/members/" + UUID.randomUUID() + "/password-link";
    assertThat(boss.post(nobody, null).status()).isEqualTo(404);
  }

  @Test
  void theLastArchiveHoldsTheFarmAsFilesAndItsBoundariesComeInAgain() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Windmill").get("fieldId").asString();
    String entry = farm + "/fields/" + field + "/log/" + UUID.randomUUID();
    owner.put(entry, Map.of("doneOn", "2026-09-08", "kind", "note", "words", "last look")).ok();
    owner.picture(entry + "/pictures/" + UUID.randomUUID(), CameraPicture.bare(60, 40)).ok();
    byte[] pdf = "%PDF-1.4 letter".getBytes(StandardCharsets.US_ASCII);
    String papers = farm + "/papers?holder=field&holderId=" + field + "&kind=letter";
    owner.upload(papers, pdf, Map.of()).ok();

    Map<String, byte[]> files = new LinkedHashMap<>();
    byte[] zip = owner.bytes(farm + "/archive.zip?units=metric");
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        files.put(e.getName(), in.readAllBytes());
      }
    }
    assertThat(files).containsKeys("fields.json", "fields.geojson", "plan.csv", "record.csv");
    assertThat(new String(files.get("record.csv"), StandardCharsets.UTF_8)).contains("last look");
    assertThat(files.keySet()).anyMatch(n -> n.matches("pictures/Windmill/2026-09-08-.*\\.jpg"));
    List<String> kept = new ArrayList<>(files.keySet());
    kept.removeIf(n -> !n.startsWith("papers/"));
    assertThat(files.get(kept.get(0))).isEqualTo(pdf);
    Api viewer = owner.letIn(farm, "viewer");
    assertThat(viewer.get(farm + "/archive.zip").status()).isEqualTo(403);
    JsonNode boundaries =
        Api.parsed(new String(files.get("fields.geojson"), StandardCharsets.UTF_8));
    assertThat(boundaries.get("features").size())
        .isEqualTo(owner.get(farm + "/shapes").ok().json().size());
    assertThat(boundaries.at("/features/0/geometry/type").asString()).isEqualTo("MultiPolygon");
  }

  @Test
  void aFarmIsDeletedByItsNameWithAllThatIsKnownOfIt() throws Exception {
    String farm = Api.owner().demoCopy();
    Api boss = Api.owner().letIn(farm, "owner");
    String name = nameOf(boss, farm);
    Api helper = boss.letIn(farm, "operator");
    assertThat(helper.post(farm + "/delete", Map.of("name", name)).status()).isEqualTo(403);
    assertThat(Api.owner().post(farm + "/delete", Map.of("name", name)).refused(403))
        .contains("sign in with your password");
    assertThat(boss.post(farm + "/delete", Map.of("name", "another")).refused(422))
        .contains("Say the farm's name, “" + name + "”");
    boss.post(farm + "/delete", Map.of("name", " " + name.toUpperCase(java.util.Locale.ROOT))).ok();
    assertThat(boss.get(farm + "/fields").status()).isEqualTo(404);
    assertThat(boss.get("/api/farms").ok().json()).isEmpty();

    String shared = Api.owner().farm();
    Api second = Api.owner().letIn(shared, "owner");
    assertThat(second.post(shared + "/delete", Map.of("name", "Sandpiper Bend")).refused(422))
        .as("the copies live under its weather")
        .contains("weather station");
    second.post("/api/account/delete", Map.of("password", Api.PASSWORD)).ok();
  }

  @Test
  void anAccountIsGivenUpWithItsPasswordAndItsEntriesStay() throws Exception {
    String farm = Api.owner().demoCopy();
    String email = email();
    Api member = Api.owner().letIn(farm, "operator", email);
    String field = member.furrow(farm, "Windmill").get("fieldId").asString();
    String log = farm + "/fields/" + field + "/log";
    member
        .put(
            log + "/" + UUID.randomUUID(),
            Map.of("doneOn", "2026-09-08", "kind", "note", "words", "mine"))
        .ok();
    assertThat(member.post("/api/account/delete", Map.of("password", "not it at all")).status())
        .isEqualTo(422);
    member.post("/api/account/delete", Map.of("password", Api.PASSWORD)).ok();
    assertThat(member.get("/api/farms").status()).isEqualTo(401);
    signIn(email, Api.PASSWORD, 422);
    JsonNode entry = Api.owner().get(log).ok().json().at("/entries/0");
    assertThat(entry.at("/entry/words").asString()).isEqualTo("mine");
    assertThat(entry.has("by")).isFalse();

    String own = Api.owner().newFarm();
    Api sole = Api.owner().letIn(own, "owner");
    String first = memberId(sole, own, "owner@sandpiper-bend.example");
    sole.delete(own + "/members/" + first).ok();
    assertThat(sole.post("/api/account/delete", Map.of("password", Api.PASSWORD)).refused(422))
        .contains("only owner of " + nameOf(sole, own));
  }
}
