package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.server.picture.CameraPicture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Every operation of the interface, asked by everyone who should not: whoever is not signed in, is
 * of another farm, or may only look. A new operation is in this test by being in the document.
 */
class EveryDoorTest {
  /** What anyone may ask. */
  private static final Set<String> OPEN =
      Set.of(
          "/api/session",
          "/api/session/demo",
          "/api/first-run",
          "/api/ready",
          "/api/trust",
          "/api/trust/certificate",
          "/api/password-links/{secret}",
          "/api/invitations/{secret}",
          "/api/invitations/{secret}/account",
          "/api/calendar/{secret}.ics");

  /**
   * Questions that come as POST and change nothing, and calendars of one's own: whoever sees the
   * farm may ask them.
   */
  private static final Set<String> QUESTIONS =
      Set.of(
          "after",
          "feeds",
          "{feedId}",
          "spray",
          "covers",
          "dates",
          "move",
          "pairs",
          "preview",
          "roller",
          "rows",
          "planter",
          "stand",
          "ways",
          "why",
          "feed",
          "fed-cover",
          "hours",
          "sheet",
          "tank",
          "try",
          "quote");

  /**
   * Doors whose made-up bodies make no sense to the rules that read them, before anyone is asked.
   */
  private static final Set<String> UNREAD =
      Set.of("{productId}", "rules", "spray", "invoice.pdf", "quote.pdf");

  private static JsonNode document;
  private static Sample sample;
  private static Api owner;
  private static String theirs;
  private static Map<String, String> ids;

  private record Door(String method, String path, JsonNode operation) {
    String last() {
      return path.substring(path.lastIndexOf('/') + 1);
    }

    boolean sendsAPicture() {
      return operation.at("/requestBody/content").has("image/jpeg") && method.equals("PUT");
    }

    boolean sendsFiles() {
      return operation.at("/requestBody/content").has("multipart/form-data");
    }
  }

  @BeforeAll
  static void aFarmWithOneOfEach() throws Exception {
    owner = Api.owner();
    document = owner.get("/api/openapi").ok().json();
    sample = new Sample(document);
    theirs = owner.demoCopy();
    ids = new LinkedHashMap<>();
    ids.put("farmId", theirs.substring(theirs.lastIndexOf('/') + 1));
    String field = owner.furrow(theirs, "Creek Forty").get("fieldId").asString();
    ids.put("fieldId", field);
    ids.put("machineId", owner.get(theirs + "/machines").ok().json().at("/0/id").asString());
    ids.put("lotId", owner.get(theirs + "/seed/lots").ok().json().at("/0/id").asString());
    ids.put("mixId", owner.get(theirs + "/seed/mixes").ok().json().at("/0/id").asString());
    ids.put(
        "calibrationId", owner.get(theirs + "/calibrations").ok().json().at("/0/id").asString());
    String entry = UUID.randomUUID().toString();
    Map<String, Object> note = Map.of("doneOn", "2026-09-10", "kind", "note", "words", "theirs");
    owner.put(theirs + "/fields/" + field + "/log/" + entry, note).ok();
    ids.put("entryId", entry);
  }

  private final List<String> wrong = new ArrayList<>();

  private void told(Door door, Api.Answer answer) {
    String text = answer.text().substring(0, Math.min(160, answer.text().length()));
    wrong.add("%s %s: %d %s".formatted(door.method(), door.path(), answer.status(), text));
  }

  @AfterEach
  void allIsWell() {
    assertThat(wrong).isEmpty();
  }

  private static List<Door> doors() {
    List<Door> all = new ArrayList<>();
    document
        .get("paths")
        .properties()
        .forEach(
            p ->
                p.getValue()
                    .properties()
                    .forEach(
                        m ->
                            all.add(
                                new Door(
                                    m.getKey().toUpperCase(java.util.Locale.ROOT),
                                    p.getKey(),
                                    m.getValue()))));
    assertThat(all).hasSizeGreaterThan(140);
    return all;
  }

  private static String address(Door door, Map<String, String> known) {
    String path = door.path();
    while (path.contains("{")) {
      String name = path.substring(path.indexOf('{') + 1, path.indexOf('}'));
      String kind = name.equals("id") ? idOf(door) : name;
      String value = known.getOrDefault(kind, ids.getOrDefault(kind, UUID.randomUUID().toString()));
      String fitting =
          switch (name) {
            case "format" -> "kml";
            case "year" -> "2027";
            case "number" -> "1";
            case "what" -> "hay";
            default -> value;
          };
      path = path.replace("{" + name + "}", fitting);
    }
    StringBuilder query = new StringBuilder();
    for (JsonNode p : door.operation().path("parameters")) {
      if (p.get("in").asString().equals("query") && p.path("required").asBoolean()) {
        String type = p.at("/schema/type").asString("");
        String value = type.equals("string") ? "x" : type.equals("integer") ? "5000" : "6";
        query
            .append(query.isEmpty() ? "?" : "&")
            .append(p.get("name").asString())
            .append('=')
            .append(value);
      }
    }
    return path + query;
  }

  private static String idOf(Door door) {
    return door.path().contains("/crew/") ? "crewId" : "id";
  }

  private static Api.Answer ask(Api who, Door door, Map<String, String> known) throws Exception {
    String path = address(door, known);
    if (door.sendsFiles()) {
      return who.upload(
          path, "a,b\n1,2\n".getBytes(java.nio.charset.StandardCharsets.UTF_8), Map.of());
    }
    if (door.sendsAPicture()) {
      return who.picture(path, CameraPicture.bare(9, 9));
    }
    return who.call(door.method(), path, sample.body(door.operation()));
  }

  @Test
  void nothingIsToldToWhoIsNotSignedIn() throws Exception {
    Api nobody = Api.browser(App.demo());
    for (Door door : doors()) {
      if (OPEN.contains(door.path()) || door.path().startsWith("/api/openapi")) {
        continue;
      }
      Api.Answer answer = ask(nobody, door, Map.of());
      if (answer.status() != 401) {
        told(door, answer);
      }
    }
  }

  @Test
  void anotherFarmIsNotThereForWhoIsNotOfIt() throws Exception {
    Api stranger = owner.letIn(owner.newFarm(), "owner");
    for (Door door : doors()) {
      if (!door.path().contains("{farmId}")) {
        continue;
      }
      Api.Answer answer = ask(stranger, door, Map.of());
      // A file without its other parts is refused before anyone is asked.
      boolean unread =
          door.sendsFiles() && answer.status() == 400
              || UNREAD.contains(door.last()) && (answer.status() == 400 || answer.status() == 422);
      boolean away = answer.status() == 404 && answer.text().contains("not yours to see");
      if (!away && !unread) {
        told(door, answer);
      }
    }
  }

  @Test
  void whatIsAnothersIsNotReachedThroughOnesOwnFarm() throws Exception {
    String mine = owner.newFarm();
    Api stranger = owner.letIn(mine, "owner");
    Map<String, String> own = Map.of("farmId", mine.substring(mine.lastIndexOf('/') + 1));
    for (Door door : doors()) {
      List<String> named = new ArrayList<>();
      ids.keySet().stream()
          .filter(k -> !k.equals("farmId") && door.path().contains("{" + k + "}"))
          .forEach(named::add);
      if (named.isEmpty() || !door.path().contains("{farmId}")) {
        continue;
      }
      Api.Answer answer = ask(stranger, door, own);
      if (answer.status() < 400 || answer.status() > 499) {
        told(door, answer);
      }
    }
    assertThat(owner.get(theirs + "/fields/" + ids.get("fieldId") + "/log").ok().text())
        .contains("theirs");
    assertThat(owner.get(theirs + "/machines").ok().text()).contains(ids.get("machineId"));
    assertThat(owner.get(theirs + "/seed/lots").ok().text()).contains(ids.get("lotId"));
    assertThat(owner.get(theirs + "/seed/mixes").ok().text()).contains(ids.get("mixId"));
    assertThat(owner.get(theirs + "/calibrations").ok().text()).contains(ids.get("calibrationId"));
  }

  @Test
  void whoMayOnlyLookChangesNothing() throws Exception {
    String farm = owner.demoCopy();
    Api viewer = owner.letIn(farm, "viewer");
    Map<String, String> there = Map.of("farmId", farm.substring(farm.lastIndexOf('/') + 1));
    List<String> answered = new ArrayList<>();
    for (Door door : doors()) {
      if (door.method().equals("GET") || !door.path().contains("{farmId}")) {
        continue;
      }
      Api.Answer answer = ask(viewer, door, there);
      if (answer.status() != 403
          && !(door.sendsFiles() && answer.status() == 400)
          && !(UNREAD.contains(door.last()) && answer.status() == 422)) {
        answered.add(door.last());
      }
    }
    answered.removeAll(QUESTIONS);
    assertThat(answered).as("what a viewer was let do").isEmpty();
  }

  @Test
  void noBodyOfNoSenseBreaksAnything() throws Exception {
    String farm = owner.demoCopy();
    Map<String, String> there = Map.of("farmId", farm.substring(farm.lastIndexOf('/') + 1));
    for (Door door : doors()) {
      if (door.path().startsWith("/api/session") || door.path().startsWith("/api/demo")) {
        continue;
      }
      String path = address(door, there);
      List<String> bodies =
          List.of(
              "", "null", "[]", "{}", "{\"name\":\"\\u0000\"}", "{\"a\":1e400}", "\"NaN\"", "[[[[");
      for (String body :
          door.sendsFiles() || door.method().equals("GET") ? List.<String>of() : bodies) {
        Api.Answer answer = owner.raw(door.method(), path, body);
        boolean leaks =
            answer.text().matches("(?s).*(Exception|nimblefurrow[.]|jackson|convert).*");
        if (answer.status() >= 500 || leaks) {
          told(door, answer);
        }
      }
      Api.Answer sane = ask(owner, door, there);
      if (sane.status() >= 500) {
        told(door, sane);
      }
    }
  }
}
