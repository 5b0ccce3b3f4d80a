package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * How a cover was ended, and how well, outranks what was meant: in the work and in what to watch.
 */
class AfterTheEndingTest {
  private static void write(Api owner, String field, String day, String kind, Object figures)
      throws Exception {
    Map<String, Object> in = new HashMap<>(Map.of("doneOn", day, "kind", kind, "words", ""));
    in.put("figures", figures);
    owner.put(field + "/log/" + UUID.randomUUID(), in).ok();
  }

  /** What is to be done on a field a second time, as the work is laid out; null for nothing. */
  private static JsonNode second(Api owner, String farm, String id) throws Exception {
    JsonNode proposal = WorkTest.laidOut(owner, farm).get("proposal");
    for (String list : new String[] {"items", "left"}) {
      for (JsonNode i : proposal.get(list)) {
        if (i.get("fieldId").asString().equals(id)
            && i.get("job").asString().startsWith("second")) {
          return i;
        }
      }
    }
    return null;
  }

  @Test
  void whatIsStillAliveIsSprayedOnce() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String id = rolled(owner, farm);
    String field = farm + "/fields/" + id;
    owner.put(farm + "/clock", Map.of("today", "2027-06-02")).ok();
    owner.season(farm, 2026);
    Map<String, Object> nothing = Map.of();
    write(owner, field, "2026-09-25", "seeded", nothing);
    write(owner, field, "2027-05-24", "ended", nothing);
    assertThat(second(owner, farm, id)).as("rolled, and nothing is known of it yet").isNull();
    write(owner, field, "2027-06-01", "counted", Map.of("killShare", 0.72));
    JsonNode spray = second(owner, farm, id);
    assertThat(spray.get("label").asString()).isEqualTo("spray what is still alive");
    write(owner, field, "2027-06-02", "sprayed", nothing);
    assertThat(second(owner, farm, id)).as("seen to").isNull();
    write(owner, field, "2027-06-02", "counted", Map.of("killShare", 0.95));
    assertThat(second(owner, farm, id)).as("enough died").isNull();
  }

  /** On an organic field the roller goes again; ticked off, it is in the record and over. */
  @Test
  void anOrganicFieldIsRolledAgain() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String id = rolled(owner, farm, true);
    String field = farm + "/fields/" + id;
    owner.put(farm + "/clock", Map.of("today", "2027-06-02")).ok();
    owner.season(farm, 2026);
    write(owner, field, "2026-09-25", "seeded", Map.of());
    write(owner, field, "2027-05-24", "ended", Map.of());
    write(owner, field, "2027-06-01", "counted", Map.of("killShare", 0.72));
    JsonNode again = second(owner, farm, id);
    assertThat(again.get("label").asString()).isEqualTo("roll what stands up again");
    assertThat(again.get("way").asString()).isEqualTo("roll");
    write(owner, field, "2027-06-02", "rolled", Map.of());
    assertThat(second(owner, farm, id)).as("rolled again").isNull();
  }

  /** Weeds in the crop ask for a rescue, until something is done about them. */
  @Test
  void weedsInTheCropAskForARescue() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String id = rolled(owner, farm);
    String field = farm + "/fields/" + id;
    owner.put(farm + "/clock", Map.of("today", "2027-06-12")).ok();
    owner.season(farm, 2026);
    write(owner, field, "2026-09-25", "seeded", Map.of());
    write(owner, field, "2027-05-24", "ended", Map.of());
    write(owner, field, "2027-05-20", "weeds", Map.of("weedsOf10", 7));
    assertThat(second(owner, farm, id)).as("not in a crop").isNull();
    write(owner, field, "2027-05-25", "planted", Map.of());
    assertThat(second(owner, farm, id)).as("rated before it was planted").isNull();
    write(owner, field, "2027-06-11", "weeds", Map.of("weedsOf10", 5));
    assertThat(second(owner, farm, id).get("label").asString())
        .isEqualTo("rescue: spray the weeds that came through");
    write(owner, field, "2027-06-12", "sprayed", Map.of());
    assertThat(second(owner, farm, id)).as("seen to").isNull();
  }

  private static String rolled(Api owner, String farm) throws Exception {
    return rolled(owner, farm, false);
  }

  /** A field of the made-up farm that is to be rolled. */
  private static String rolled(Api owner, String farm, boolean organic) throws Exception {
    for (JsonNode f : owner.get(farm + "/season").ok().json().get("furrows")) {
      String way = f.at("/plan/plan/ending").asString("");
      if (way.equals("rollPlant") && f.get("organic").asBoolean() == organic) {
        return f.get("fieldId").asString();
      }
    }
    throw new AssertionError("nothing is rolled");
  }

  @Test
  void whatIsWatchedIsOfTheWayItWasEnded() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = farm + "/fields/" + rolled(owner, farm);
    owner.put(farm + "/clock", Map.of("today", "2027-06-02")).ok();
    owner.season(farm, 2026);
    write(owner, field, "2026-09-25", "seeded", Map.of());
    String meant = owner.get(field + "/watch").ok().text();
    assertThat(meant).contains("\"kill\"").doesNotContain("rooted again");
    Map<String, Object> tilled =
        Map.of(
            "doneOn",
            "2027-05-24",
            "kind",
            "ended",
            "words",
            "",
            "names",
            Map.of("ending", "till"));
    owner.put(field + "/log/" + UUID.randomUUID(), tilled).ok();
    assertThat(owner.get(field + "/watch").ok().text())
        .contains("rooted again")
        .doesNotContain("\"kill\"");
  }
}
