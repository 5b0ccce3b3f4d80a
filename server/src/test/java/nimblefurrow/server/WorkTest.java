package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Laying out the work of the demo farm: asked, argued with, kept, logged, undone. */
class WorkTest {
  /** Enough to find a plan that is worth keeping, beside all else that runs. */
  private static final double SECONDS = 0.3;

  static JsonNode laidOut(Api owner, String farm) throws Exception {
    return laidOut(owner, farm, SECONDS);
  }

  /** The work, laid out and kept whole. */
  static JsonNode kept(Api owner, String farm) throws Exception {
    return kept(owner, farm, SECONDS);
  }

  /** The same after a search that is long enough to find room for every job. */
  static JsonNode kept(Api owner, String farm, double seconds) throws Exception {
    String run = laidOut(owner, farm, seconds).get("id").asString();
    return owner.post(farm + "/field-work/keep", Map.of("runId", run)).ok().json();
  }

  private static JsonNode laidOut(Api owner, String farm, double seconds) throws Exception {
    owner.post(farm + "/field-work/run", Map.of("seconds", seconds)).ok();
    JsonNode run = ended(owner, farm);
    assertThat(run.get("state").asString()).as(run.path("trouble").asString("")).isEqualTo("done");
    return run;
  }

  /** The laying-out as soon as something holds for it. */
  private static JsonNode run(Api owner, String farm, Predicate<JsonNode> when) {
    return await()
        .atMost(Duration.ofMinutes(2))
        .pollInterval(Duration.ofMillis(100))
        .until(() -> owner.get(farm + "/field-work/run").ok().json().get("run"), when);
  }

  private static boolean isUnderWay(JsonNode run) {
    String state = run.get("state").asString();
    return state.equals("waiting") || state.equals("running");
  }

  private static JsonNode ended(Api owner, String farm) {
    return run(owner, farm, r -> !isUnderWay(r));
  }

  static JsonNode item(JsonNode work, String kind) {
    for (JsonNode i : work.get("items")) {
      if (i.get("job").asString().equals(kind) && i.get("shareDone").asDouble() < 1) {
        return i;
      }
    }
    throw new AssertionError("nothing to " + kind);
  }

  /** Each day of the plan: all its hours, nobody in two places, seed named where it is sown. */
  private static void everyMorningIsToldInOrder(Api owner, String farm, JsonNode work)
      throws Exception {
    Map<String, Double> hours = new TreeMap<>();
    for (JsonNode i : work.get("items")) {
      for (JsonNode s : i.get("segments")) {
        hours.merge(s.get("day").asString(), s.get("hours").asDouble(), Double::sum);
      }
    }
    boolean sown = false;
    int asked = 0;
    for (Map.Entry<String, Double> day : hours.entrySet()) {
      if (asked++ == 8) {
        break;
      }
      JsonNode morning = owner.get(farm + "/field-work/morning?day=" + day.getKey()).ok().json();
      double told = 0;
      for (JsonNode person : morning.get("people")) {
        double free = 0;
        for (JsonNode t : person.get("tasks")) {
          assertThat(t.get("from").asDouble()).isGreaterThanOrEqualTo(Math.max(7, free) - 1e-9);
          free = t.get("to").asDouble();
          told += free - t.get("from").asDouble();
          if (t.has("seed")) {
            sown = true;
            assertThat(t.at("/seed/seeds").size()).isPositive();
            if (!t.get("seed").has("rateFor")) {
              assertThat(t.at("/seed/loads").asInt()).isPositive();
            }
          }
        }
      }
      assertThat(told).isCloseTo(day.getValue(), within(1e-6));
    }
    assertThat(sown).isTrue();
  }

  @Test
  void theAutumnIsLaidOutKeptArguedWithLoggedAndUndone() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    // Long enough that looking again finds little that is better.
    JsonNode run = laidOut(owner, farm, 2);
    JsonNode proposal = run.get("proposal");
    assertThat(proposal.get("items").size()).isGreaterThan(15);
    assertThat(proposal.get("value").asDouble()).isGreaterThan(proposal.get("byHand").asDouble());
    for (JsonNode left : proposal.get("left")) {
      assertThat(left.get("why").asString()).isNotBlank().doesNotContain(", or its window");
      String job = left.get("fieldId").asString() + "/" + left.get("job").asString();
      String asked = "/elsewhere?runId=" + run.get("id").asString();
      owner.get(farm + "/field-work/jobs/" + job + asked).ok();
    }
    assertThat(proposal.get("lanes").size()).isGreaterThan(3);

    List<String> some = new ArrayList<>();
    for (JsonNode i : proposal.get("items")) {
      if (some.size() < 5) {
        some.add(i.get("key").asString());
      }
    }
    String id = run.get("id").asString();
    assertThat(
            owner
                .post(farm + "/field-work/keep", Map.of("runId", id, "keys", some))
                .ok()
                .json()
                .get("items"))
        .hasSize(5);
    JsonNode work = owner.post(farm + "/field-work/keep", Map.of("runId", id)).ok().json();
    assertThat(work.get("items").size()).isEqualTo(proposal.get("items").size());
    everyMorningIsToldInOrder(owner, farm, work);

    JsonNode odds = owner.get(farm + "/field-work/odds").ok().json();
    assertThat(odds.get("jobsDone")).hasSize(odds.get("years").asInt());
    assertThat(odds.get("jobs").asInt()).isEqualTo(work.get("items").size());

    JsonNode seed = item(work, "seed");
    String item = farm + "/field-work/" + seed.get("id").asString();
    String job = farm + "/field-work/jobs/" + seed.get("fieldId").asString() + "/seed";
    JsonNode elsewhere = owner.get(job + "/elsewhere").ok().json();
    assertThat(elsewhere.size()).isPositive();
    Set<String> machines = new HashSet<>();
    elsewhere.forEach(e -> machines.add(e.get("doer").asString()));
    assertThat(machines).contains(seed.get("doer").asString());

    String field = farm + "/fields/" + seed.get("fieldId").asString();
    owner.post(item + "/done", Map.of("share", 1)).ok();
    assertThat(owner.get(field + "/log").ok().text()).contains("from the plan");
    owner.post(item + "/done", Map.of("share", 0)).ok();
    assertThat(owner.get(field + "/log").ok().text()).doesNotContain("from the plan");
    assertThat(owner.post(item + "/done", Map.of("share", 3)).refused(422)).contains("all of it");

    Map<String, Object> day = Map.of("day", seed.get("startOn").asString());
    assertThat(owner.put(job + "/pin", day).ok().json().get("pins")).hasSize(1);
    assertThat(owner.put(job + "/pin", Map.of("day", "2020-01-01")).refused(422)).contains("past");
    // A first search cut short leaves much to be gained; dear moves show whether it is kept at all.
    Map<String, Object> dear = Map.of("seconds", 1, "usdPerMove", 1000);
    owner.post(farm + "/field-work/run", dear).ok();
    JsonNode again = ended(owner, farm).get("proposal");
    int moved = 0;
    for (JsonNode i : again.get("items")) {
      if (i.get("key").asString().equals(seed.get("fieldId").asString() + "seed")) {
        assertThat(i.get("startOn").asString()).isEqualTo(seed.get("startOn").asString());
      }
      moved += i.get("change").asString().equals("moved") ? 1 : 0;
    }
    assertThat(moved).as("a kept plan stays").isLessThan(work.get("items").size() / 3);

    assertThat(owner.get(farm + "/field-work.ics").ok().text()).contains("BEGIN:VEVENT");
    assertThat(owner.put(job + "/pin", Map.of()).ok().json().get("pins")).isEmpty();
    for (int i = 0; i < 2; i++) {
      assertThat(
              owner.post(farm + "/field-work/undo", Map.of()).ok().json().get("undone").asBoolean())
          .isTrue();
    }
    assertThat(owner.get(farm + "/field-work").ok().json().get("items")).isEmpty();
  }

  /** What is said of a machine's standing, with its version as it is now. */
  private static Map<String, Object> stands(Api api, String farm, String machineId, Object out)
      throws Exception {
    Map<String, Object> said = new java.util.HashMap<>();
    for (JsonNode m : api.get(farm + "/machines").ok().json()) {
      if (m.get("id").asString().equals(machineId)) {
        said.put("version", m.get("version").asLong());
      }
    }
    said.put("out", out);
    return said;
  }

  @Test
  void operatorsSayThatAMachineStandsButPinNothingAndViewersOnlyLook() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String machineId = owner.get(farm + "/machines").ok().json().at("/0/id").asString();
    String machine = farm + "/machines/" + machineId + "/out";
    Map<String, Object> days = Map.of("from", "2027-03-01", "until", "2027-03-02", "why", "oil");
    Map<String, Object> out = stands(owner, farm, machineId, days);
    Api hand = owner.letIn(farm, "operator");
    assertThat(hand.put(machine, out).ok().text()).contains("oil");
    assertThat(hand.put(machine, out).status()).as("an old version").isEqualTo(409);
    assertThat(hand.put(machine, stands(owner, farm, machineId, null)).ok().text())
        .doesNotContain("oil");
    Api viewer = owner.letIn(farm, "viewer");
    assertThat(viewer.put(machine, out).refused(403)).contains("an operator");
    assertThat(viewer.get(farm + "/field-work").ok().json().get("items")).isNotNull();
    String field = owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    String pin = farm + "/field-work/jobs/" + field + "/seed/pin";
    assertThat(hand.put(pin, Map.of()).refused(403)).contains("the owner");
    String both = machineId;
    String nowhere = farm + "/field-work/jobs/" + UUID.randomUUID() + "/seed/pin";
    assertThat(owner.put(nowhere, Map.of("day", "2026-10-01")).refused(404))
        .contains("no such field");
    String odd = farm + "/field-work/jobs/" + field + "/sing/pin";
    assertThat(owner.put(odd, Map.of("day", "2026-10-01")).refused(422)).contains("no kind of job");
    assertThat(owner.put(pin, Map.of("onlyDoer", UUID.randomUUID())).refused(422))
        .contains("no such machine");
    assertThat(owner.put(pin, Map.of("day", "2029-10-01")).refused(422))
        .contains("beyond the season");
    assertThat(owner.put(pin, Map.of("onlyDoer", both, "neverDoers", List.of(both))).refused(422))
        .contains("not to do it");
    assertThat(
            owner
                .get(farm + "/field-work/jobs/" + UUID.randomUUID() + "/seed/elsewhere")
                .refused(404))
        .contains("done, or its window has passed");
  }

  @Test
  void aBrokenMachineLaysTheKeptPlanOutAgainAndSaysWhy() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode run = laidOut(owner, farm);
    JsonNode work =
        owner
            .post(farm + "/field-work/keep", Map.of("runId", run.get("id").asString()))
            .ok()
            .json();
    JsonNode seed = item(work, "seed");
    String machine = farm + "/machines/" + seed.get("doerId").asString() + "/out";
    String from = work.get("today").asString();
    assertThat(
            owner
                .put(
                    machine,
                    stands(
                        owner,
                        farm,
                        seed.get("doerId").asString(),
                        Map.of("from", from, "until", "2020-01-01", "why", "")))
                .refused(422))
        .contains("before the first");
    owner
        .put(
            machine,
            stands(
                owner,
                farm,
                seed.get("doerId").asString(),
                Map.of("from", from, "until", "2027-07-31", "why", "bearing")))
        .ok();
    JsonNode again = run(owner, farm, r -> !r.get("reasons").isEmpty());
    assertThat(again.get("reasons").toString())
        .contains(seed.get("doer").asString() + " stands from")
        .contains("(bearing)");
    again = run(owner, farm, r -> r.has("proposal"));
    for (JsonNode i : again.at("/proposal/items")) {
      assertThat(i.get("doerId")).isNotEqualTo(seed.get("doerId"));
    }
    owner.put(machine, stands(owner, farm, seed.get("doerId").asString(), null)).ok();
    owner.post(farm + "/field-work/undo", Map.of()).ok();
  }

  private static String reasons(Api owner, String farm, String until) {
    return run(owner, farm, r -> r.get("reasons").toString().contains(until))
        .get("reasons")
        .toString();
  }

  @Test
  void aSlippedHarvestAndANewDayLayTheKeptPlanOutAgain() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode run = laidOut(owner, farm);
    JsonNode work =
        owner
            .post(farm + "/field-work/keep", Map.of("runId", run.get("id").asString()))
            .ok()
            .json();
    String path = farm + "/fields/" + item(work, "harvest").get("fieldId").asString();
    Map<String, Object> field = Api.map(owner.get(path).ok().json());
    Map<String, Object> was = new java.util.HashMap<>(field);
    Map<String, Object> crop = new java.util.HashMap<>((Map<String, Object>) field.get("crop"));
    crop.put("harvestOn", "2026-11-04");
    field.put("crop", crop);
    JsonNode changed = owner.put(path, field).ok().json();
    assertThat(reasons(owner, farm, "harvested")).contains("is to be harvested on 4 Nov.");

    owner.put(farm + "/clock", Map.of("today", "2026-09-13")).ok();
    assertThat(reasons(owner, farm, "13 Sep"))
        .contains("It is 13 Sep: the days ahead are known anew.")
        .contains("of rain");

    owner.put(farm + "/clock", Map.of("today", "2026-09-12")).ok();
    was.put("version", changed.get("version").asLong());
    owner.put(path, was).ok();
    owner.post(farm + "/field-work/undo", Map.of()).ok();
  }

  private static JsonNode followUp(Api owner, String farm, UUID id) throws Exception {
    for (JsonNode u : owner.get(farm + "/follow-ups").ok().json()) {
      if (u.get("id").asString().equals(id.toString())) {
        return u;
      }
    }
    throw new AssertionError("nothing was taken on");
  }

  @Test
  void whatIsTakenOnIsWalkedToAndTickedOff() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String today = owner.get(farm + "/field-work").ok().json().get("today").asString();
    String field = farm + "/fields/" + owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    UUID look = UUID.randomUUID();
    String words = "look whether the kill is even";
    owner
        .put(
            field + "/follow-ups/" + look,
            Map.of("kind", "kill", "dueFrom", today, "dueTo", "2026-09-20", "words", words))
        .ok();
    JsonNode run = laidOut(owner, farm);
    JsonNode work =
        owner
            .post(farm + "/field-work/keep", Map.of("runId", run.get("id").asString()))
            .ok()
            .json();
    JsonNode walk = item(work, "look:kill");
    assertThat(walk.get("doer").asString()).endsWith("on foot");
    assertThat(walk.get("label").asString()).isEqualTo(words);
    String done = farm + "/field-work/" + walk.get("id").asString() + "/done";
    owner.post(done, Map.of("share", 1)).ok();
    assertThat(followUp(owner, farm, look).path("doneOn").asString("")).isEqualTo(today);
    owner.post(done, Map.of("share", 0)).ok();
    assertThat(followUp(owner, farm, look).has("doneOn")).isFalse();
    owner.post(farm + "/field-work/undo", Map.of()).ok();
  }

  @Test
  void aFieldThatIsGoneIsLeftOutOfWhatIsKeptAndOfWhatIsPutBack() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String today = owner.get(farm + "/field-work").ok().json().get("today").asString();
    JsonNode field = owner.post(farm + "/fields", FieldEditTest.field("Passing Strip")).ok().json();
    String path = farm + "/fields/" + field.get("id").asString();
    owner
        .put(
            path + "/follow-ups/" + UUID.randomUUID(),
            Map.of("kind", "slugs", "dueFrom", today, "dueTo", today, "words", "look for slugs"))
        .ok();
    JsonNode run = laidOut(owner, farm);
    Map<String, Object> keep = Map.of("runId", run.get("id").asString());
    List<String> look = List.of(field.get("id").asString() + "look:slugs");
    JsonNode some =
        owner
            .post(
                farm + "/field-work/keep", Map.of("runId", run.get("id").asString(), "keys", look))
            .ok()
            .json();
    assertThat(some.get("items")).hasSize(1);
    owner.delete(path).ok();
    JsonNode work = owner.post(farm + "/field-work/keep", keep).ok().json();
    assertThat(work.get("items").size()).isGreaterThan(15);
    assertThat(work.toString()).doesNotContain("Passing Strip").doesNotContain("look:slugs");
    for (int i = 0; i < 2; i++) {
      assertThat(
              owner.post(farm + "/field-work/undo", Map.of()).ok().json().get("undone").asBoolean())
          .isTrue();
    }
    assertThat(owner.get(farm + "/field-work").ok().json().get("items")).isEmpty();
    assertThat(owner.post(farm + "/field-work/keep", keep).refused(404)).contains("kept already");
  }

  @Test
  void aNeighboursFieldsAreInThePlanAreQuotedAndLoggedThere() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode next = null;
    for (JsonNode c : owner.get(farm + "/field-work/customers").ok().json()) {
      next = c.get("name").asString().equals("Tern Hollow") ? c : next;
    }
    assertThat(next).isNotNull();
    assertThat(next.get("worked").asBoolean()).isFalse();
    String customer = farm + "/field-work/customers/" + next.get("farmId").asString();
    assertThat(
            owner
                .put(farm + "/field-work/customers/" + UUID.randomUUID(), Map.of("worked", true))
                .refused(404))
        .contains("no other farm");
    owner.put(customer, Map.of("worked", true)).ok();
    assertThat(owner.get(customer + "/quote").ok().json().get("lines")).isEmpty();

    JsonNode run = laidOut(owner, farm);
    JsonNode work =
        owner
            .post(farm + "/field-work/keep", Map.of("runId", run.get("id").asString()))
            .ok()
            .json();
    List<JsonNode> theirs = new ArrayList<>();
    work.get("items").forEach(i -> theirs.addAll(i.has("customer") ? List.of(i) : List.of()));
    assertThat(theirs).hasSizeGreaterThanOrEqualTo(4);
    assertThat(theirs).allMatch(i -> !i.get("kind").asString().equals("harvest"));

    JsonNode quote = owner.get(customer + "/quote").ok().json();
    assertThat(quote.get("lines")).hasSize(theirs.size());
    java.math.BigDecimal sum = java.math.BigDecimal.ZERO;
    for (JsonNode l : quote.get("lines")) {
      sum = sum.add(l.get("usd").decimalValue());
      assertThat(l.get("loads").asInt()).isPositive();
    }
    assertThat(sum).isPositive().isEqualByComparingTo(quote.get("usd").decimalValue());
    assertThat(new String(owner.bytes(customer + "/quote.pdf"), 0, 4)).isEqualTo("%PDF");

    JsonNode one = theirs.get(0);
    String item = farm + "/field-work/" + one.get("id").asString() + "/done";
    owner.post(item, Map.of("share", 1)).ok();
    String theirLog =
        "/api/farms/" + next.get("farmId").asString() + "/fields/" + one.get("fieldId").asString();
    assertThat(owner.get(theirLog + "/log").ok().text()).contains("from the plan of");
    owner.post(item, Map.of("share", 0)).ok();
    Api hand = owner.letIn(farm, "operator");
    assertThat(hand.post(item, Map.of("share", 1)).refused(403)).contains("a customer's");
    assertThat(hand.put(customer, Map.of("worked", false)).refused(403)).contains("the owner");

    owner.put(customer, Map.of("worked", false)).ok();
    assertThat(owner.get(farm + "/field-work").ok().text()).doesNotContain("Tern Hollow");
    assertThat(owner.get(customer + "/quote").refused(404)).contains("not in this plan");
    owner.post(farm + "/field-work/undo", Map.of()).ok();
  }

  @Test
  void whoeverOnlyWorksForOthersIsToldWhatIsMissing() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    for (JsonNode c : owner.get(farm + "/field-work/customers").ok().json()) {
      if (c.get("name").asString().equals("Tern Hollow")) {
        String customer = farm + "/field-work/customers/" + c.get("farmId").asString();
        owner.put(customer, Map.of("worked", true)).ok();
      }
    }
    JsonNode proposal = laidOut(owner, farm).get("proposal");
    assertThat(proposal.get("items")).isEmpty();
    for (JsonNode left : proposal.get("left")) {
      assertThat(left.get("customer").asString()).isEqualTo("Tern Hollow");
      assertThat(left.get("why").asString()).contains("no machine in the shed");
    }
  }

  @Test
  void whileOneIsUnderWayTheOtherSeesItAndItCanBeStopped() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode first = owner.post(farm + "/field-work/run", Map.of("seconds", 60)).ok().json();
    JsonNode second = owner.post(farm + "/field-work/run", Map.of("seconds", 2)).ok().json();
    assertThat(second.get("id")).isEqualTo(first.get("id"));
    owner.post(farm + "/field-work/run/" + first.get("id").asString() + "/stop", Map.of()).ok();
    assertThat(ended(owner, farm).get("state").asString()).isEqualTo("stopped");
    assertThat(owner.get(farm + "/field-work/run").ok().json().at("/run/proposal/items").size())
        .as("what was found is shown")
        .isPositive();
    assertThat(owner.post(farm + "/field-work/run", Map.of("seconds", 0)).refused(422))
        .contains("120 seconds");
  }

  @Test
  void anEmptyFarmIsToldWhatItLacks() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    assertThat(owner.get(farm + "/field-work").ok().json().get("items")).isEmpty();
    owner.post(farm + "/field-work/run", Map.of("seconds", SECONDS)).ok();
    JsonNode run = ended(owner, farm);
    assertThat(run.path("trouble").asString("")).contains("Import a station");
    assertThat(owner.get(farm + "/field-work/odds").refused(422)).contains("Import a station");
    assertThat(owner.get(farm + "/endings").refused(422)).contains("Import a station");
    assertThat(owner.get(farm + "/hours").refused(422)).contains("Import a station");
  }

  @Test
  void aCrewIsKeptAndItsMistakesAreExplained() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    UUID id = UUID.randomUUID();
    Map<String, Object> bo =
        Map.of(
            "id",
            id,
            "name",
            "Bo",
            "machines",
            List.of(),
            "weekHours",
            List.of(10, 10, 10, 10, 10, 4, 0),
            "daysOff",
            List.of("2026-10-03"));
    owner.put(farm + "/crew/" + id, bo).ok();
    assertThat(owner.get(farm + "/crew").ok().json()).hasSize(1);
    UUID other = UUID.randomUUID();
    Map<String, Object> twin = new java.util.HashMap<>(bo);
    twin.put("id", other);
    assertThat(owner.put(farm + "/crew/" + other, twin).refused(422)).contains("already");
    twin.put("name", "Al");
    twin.put("weekHours", List.of(10, 30, 10, 10, 10, 4, 0));
    assertThat(owner.put(farm + "/crew/" + other, twin).refused(422)).contains("24 hours");
    owner.delete(farm + "/crew/" + id).ok();
  }

  @ParameterizedTest
  @CsvSource({
    "2026-01-01,2026",
    "2026-03-20,2026",
    "2026-04-20,2026",
    "2026-11-25,2026",
    "2027-03-20,2026",
    "2027-04-05,2026",
    "2027-04-20,2026",
    "2027-07-30,2026",
    "2026-11-25,2027",
    "2027-04-20,2027",
    "2026-09-12,2028"
  })
  void workIsLaidOutOnEveryDayOfTheYearAndForTheSeasonAhead(String today, int season)
      throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    aThird(owner, farm, today.hashCode());
    owner.put(farm + "/clock", Map.of("today", today)).ok();
    owner.season(farm, season);
    if (season != 2026) {
      planOne(owner, farm, rye(season));
    }
    JsonNode proposal = laidOut(owner, farm).get("proposal");
    if (season != 2026) {
      assertThat(proposal.get("start").asString()).startsWith(season + "-0");
      assertThat(proposal.get("notes").toString()).contains("still ahead");
      assertThat(proposal.get("items").toString()).contains("\"seed\"");
    }
    owner.get(farm + "/field-work/odds").ok();
  }

  /** Plans a cover on the first field on which it has room. */
  private static void planOne(Api owner, String farm, Map<String, Object> plan) throws Exception {
    for (JsonNode f : owner.get(farm + "/season").ok().json().get("furrows")) {
      Map<String, Object> one = Map.of("fieldId", f.get("fieldId").asString(), "plan", plan);
      Map<String, Object> asked = Map.of("what", "ahead", "plans", List.of(one));
      if (owner.post(farm + "/plans", asked).status() == 200) {
        return;
      }
    }
    throw new AssertionError("no field has room");
  }

  /** Every third field is enough for a day; over the days all of them come up. */
  private static void aThird(Api owner, String farm, int which) throws Exception {
    int i = Math.floorMod(which, 3);
    for (JsonNode f : owner.get(farm + "/fields").ok().json()) {
      if (i++ % 3 != 0) {
        owner.delete(farm + "/fields/" + f.get("id").asString()).ok();
      }
    }
  }

  private static Map<String, Object> rye(int season) {
    return Map.of(
        "status",
        "accepted",
        "purposes",
        List.of("holdSoil"),
        "components",
        List.of(Map.of("species", "cereal_rye", "rateKgPerHa", 70)),
        "method",
        "drill",
        "seedOn",
        season + "-10-10",
        "ending",
        "sprayEarly",
        "endOn",
        (season + 1) + "-04-20");
  }

  @Test
  void aSeasonThatIsOverIsNotLaidOut() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    owner.put(farm + "/clock", Map.of("today", "2027-08-15")).ok();
    owner.season(farm, 2026);
    owner.post(farm + "/field-work/run", Map.of("seconds", SECONDS)).ok();
    assertThat(ended(owner, farm).path("trouble").asString("")).contains("2026 is over");
  }

  @Test
  void aServerThatWasSilentWritesNothingOfWhatAnotherTookUp() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String id =
        owner.post(farm + "/field-work/run", Map.of("seconds", 4)).ok().json().get("id").asString();
    run(owner, farm, r -> r.get("state").asString().equals("running"));
    UUID other = UUID.randomUUID();
    assertThat(
            App.demo().sql("update work_run set owner = '" + other + "' where id = '" + id + "'"))
        .isEqualTo(1);
    double progress =
        owner.get(farm + "/field-work/run").ok().json().at("/run/progress").asDouble();
    await()
        .during(Duration.ofSeconds(6))
        .atMost(Duration.ofSeconds(20))
        .untilAsserted(
            () -> {
              JsonNode run = owner.get(farm + "/field-work/run").ok().json().get("run");
              assertThat(run.get("state").asString()).isEqualTo("running");
              assertThat(run.has("proposal")).isFalse();
              assertThat(run.get("progress").asDouble()).isEqualTo(progress);
            });
    App.demo().sql("update work_run set state = 'failed' where id = '" + id + "'");
  }

  @Test
  void whatWasLaidOutBeforeAChangeCannotBeKept() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode run = laidOut(owner, farm);
    assertThat(run.get("since")).isEmpty();
    owner.put(farm + "/clock", Map.of("today", "2026-09-14")).ok();
    assertThat(owner.get(farm + "/field-work/run").ok().json().at("/run/since").toString())
        .contains("It is 14 Sep");
    Map<String, Object> keep = Map.of("runId", run.get("id").asString());
    assertThat(owner.post(farm + "/field-work/keep", keep).refused(422))
        .contains("before something changed")
        .contains("Lay it out again");
    JsonNode again = laidOut(owner, farm);
    owner.post(farm + "/field-work/keep", Map.of("runId", again.get("id").asString())).ok();
  }
}
