package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Covers one behind the other on the demo farm, and its years. */
class ChainTest {
  static Map<String, Object> cover(
      String species, double rate, String seedOn, String ending, String endOn) {
    return Map.of(
        "status",
        "accepted",
        "purposes",
        List.of("holdSoil"),
        "components",
        List.of(Map.of("species", species, "rateKgPerHa", rate)),
        "method",
        "drill",
        "seedOn",
        seedOn,
        "ending",
        ending,
        "endOn",
        endOn);
  }

  static Map<String, Object> save(String field, JsonNode stored, Object plan) {
    Map<String, Object> one = new HashMap<>();
    one.put("fieldId", field);
    one.put("plan", plan);
    if (stored != null) {
      one.put("planId", stored.get("id").asString());
      one.put("version", stored.get("version").asLong());
    }
    return Map.of("what", "test", "plans", List.of(one));
  }

  private static List<JsonNode> links(JsonNode chain) {
    List<JsonNode> all = new ArrayList<>();
    chain.get("links").forEach(all::add);
    return all;
  }

  /** The last link of a name that is planned by the season that is looked at. */
  private static JsonNode link(JsonNode chain, String name, int season) {
    return links(chain).stream()
        .filter(l -> l.get("name").asString().contains(name))
        .filter(l -> l.get("season").asInt() == season)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aSecondCoverIsASecondLink() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Windmill");
    String id = furrow.get("fieldId").asString();
    String field = farm + "/fields/" + id;
    Map<String, Object> rye = cover("cereal_rye", 70, "2026-09-20", "sprayEarly", "2027-04-20");

    int before = links(owner.get(field + "/chain").ok().json()).size();

    // On top of what stands: said, with the ways out, and nothing replaced.
    assertThat(owner.post(farm + "/plans", save(id, null, rye)).refused(422))
        .contains("Windmill: ")
        .contains("cannot stand on top of it")
        .contains("or change that cover instead");
    assertThat(owner.furrow(farm, "Windmill").at("/plan/id")).isEqualTo(furrow.at("/plan/id"));

    Map<String, Object> shorter = Api.map(furrow.at("/plan/plan"));
    shorter.put("ending", "till");
    shorter.put("endOn", "2026-09-19");
    owner.post(farm + "/plans", save(id, furrow.get("plan"), shorter)).ok();
    owner.post(farm + "/plans", save(id, null, rye)).ok();

    JsonNode chain = owner.get(field + "/chain").ok().json();
    assertThat(links(chain)).hasSize(before + 1);
    JsonNode second = link(chain, "rye", 2026);
    assertThat(second.get("behind").asString()).contains("oats");
    assertThat(second.get("grewMgPerHa").asDouble()).isGreaterThan(0.3);
    assertThat(chain.at("/gaps").size()).isGreaterThan(1);

    // Its season is that of ground behind the oats: the window opens when they are worked in.
    String named = "?link=" + second.get("planId").asString();
    JsonNode season = owner.get(field + "/season" + named).ok().json();
    assertThat(season.at("/furrow/plan/id")).isEqualTo(second.get("planId"));
    JsonNode drill =
        StreamSupport.stream(season.get("windows").spliterator(), false)
            .filter(w -> w.get("method").asString().equals("drill"))
            .findFirst()
            .orElseThrow();
    assertThat(drill.at("/opens/day").asString()).isEqualTo("2026-09-19");
    assertThat(drill.at("/opens/reason/text").asString()).contains("stands before it");
    // Without a name it is the one that is on.
    assertThat(owner.get(field + "/season").ok().json().at("/furrow/plan/id"))
        .isEqualTo(furrow.at("/plan/id"));

    JsonNode seed = owner.get(farm + "/seed/needs").ok().json();
    assertThat(seed.toString()).contains("Windmill");

    theWorkKnowsBoth(owner, farm, id, second.get("planId").asString());

    // What is in the ground is not planned away.
    JsonNode first = owner.furrow(farm, "Windmill").get("plan");
    assertThat(owner.post(farm + "/plans", save(id, first, null)).refused(422))
        .contains("Windmill was seeded on 12 Aug 2026");
    // Ended later than the next was meant to be seeded: that waits, and every screen still answers.
    owner.put(farm + "/clock", Map.of("today", "2026-10-05")).ok();
    owner
        .put(
            field + "/log/" + java.util.UUID.randomUUID(),
            Map.of("doneOn", "2026-10-01", "kind", "ended", "words", "wet until now"))
        .ok();
    owner.get(farm + "/season").ok();
    owner.get(field + "/season" + named).ok();
    assertThat(link(owner.get(field + "/chain").ok().json(), "oats", 2026).get("until").asString())
        .isEqualTo("2026-10-01");

    owner.post(farm + "/plans/undo", Map.of()).ok();
    assertThat(links(owner.get(field + "/chain").ok().json())).hasSize(before);
  }

  /** Ending the oats and drilling rye behind them are jobs of one plan, each of its own cover. */
  private static void theWorkKnowsBoth(Api owner, String farm, String field, String behind)
      throws Exception {
    JsonNode run = WorkTest.laidOut(owner, farm);
    JsonNode end = job(run.at("/proposal/items"), field, "end");
    JsonNode seed = job(run.at("/proposal/items"), field, "seed:" + behind);
    assertThat(seed.get("kind").asString()).isEqualTo("seed");
    assertThat(seed.get("startOn").asString())
        .as("not before the ground is clear")
        .isGreaterThanOrEqualTo(end.get("finishOn").asString());
    Map<String, Object> both =
        Map.of(
            "runId",
            run.get("id").asString(),
            "keys",
            List.of(end.get("key").asString(), seed.get("key").asString()));
    JsonNode kept = owner.post(farm + "/field-work/keep", both).ok().json();
    assertThat(kept.get("items")).hasSize(2);
    // The day of the kept work is the day of its own cover on every screen.
    JsonNode first = owner.get(farm + "/fields/" + field + "/season").ok().json();
    assertThat(seeding(first).asString()).isEqualTo("2026-08-12");
    JsonNode later = owner.get(farm + "/fields/" + field + "/season?link=" + behind).ok().json();
    assertThat(seeding(later))
        .isEqualTo(job(kept.get("items"), field, "seed:" + behind).get("finishOn"));
    JsonNode morning =
        owner.get(farm + "/field-work/morning?day=" + seed.get("startOn").asString()).ok().json();
    assertThat(morning.toString()).contains("Windmill").contains("ereal rye");
    // A third cover being tried has no kept day of the first two.
    JsonNode third = owner.get(farm + "/fields/" + field + "/season?link=new").ok().json();
    assertThat(third.at("/furrow/deeds").toString()).doesNotContain("\"seeded\"");
    // Looked at from another season the morning is told all the same, without that cover's sheet.
    owner.season(farm, 2027);
    assertThat(
            owner
                .get(farm + "/field-work/morning?day=" + seed.get("startOn").asString())
                .ok()
                .json()
                .toString())
        .contains("Windmill");
    owner.season(farm, 2026);
    owner.post(farm + "/field-work/undo", Map.of()).ok();
  }

  private static JsonNode seeding(JsonNode season) {
    return StreamSupport.stream(season.at("/furrow/deeds").spliterator(), false)
        .filter(d -> d.get("deed").asString().equals("seeded"))
        .findFirst()
        .orElseThrow()
        .get("day");
  }

  private static JsonNode job(JsonNode items, String field, String job) {
    return StreamSupport.stream(items.spliterator(), false)
        .filter(i -> i.get("fieldId").asString().equals(field))
        .filter(i -> i.get("job").asString().equals(job))
        .findFirst()
        .orElseThrow(() -> new AssertionError(job + " is not among " + items));
  }

  @Test
  void whatIsPastStays() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode row =
        StreamSupport.stream(
                owner.get(farm + "/years").ok().json().get("rows").spliterator(), false)
            .filter(
                r ->
                    StreamSupport.stream(r.get("links").spliterator(), false)
                        .anyMatch(ChainTest::pastCover))
            .findFirst()
            .orElseThrow();
    String id = row.get("fieldId").asString();
    String field = farm + "/fields/" + id;
    JsonNode past =
        links(owner.get(field + "/chain").ok().json()).stream()
            .filter(ChainTest::pastCover)
            .findFirst()
            .orElseThrow();
    Map<String, Object> gone = new HashMap<>();
    gone.put("fieldId", id);
    gone.put("planId", past.get("planId").asString());
    gone.put("version", past.get("version").asLong());
    gone.put("plan", null);
    // Seeded and ended a year ago, and named while another season is looked at.
    assertThat(
            owner
                .post(farm + "/plans", Map.of("what", "gone", "plans", List.of(gone)))
                .refused(422))
        .containsPattern("was seeded on \\d+ \\w+ 2025")
        .contains("another cover is planned behind it");
    assertThat(links(owner.get(field + "/chain").ok().json())).contains(past);
  }

  private static boolean pastCover(JsonNode link) {
    return link.get("kind").asString().equals("cover")
        && link.get("season").asInt() == 2025
        && link.get("from").asString().startsWith("2025-");
  }

  @Test
  void juneOfNextYearIsTheNextSeason() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Home Place");
    String id = furrow.get("fieldId").asString();
    String field = farm + "/fields/" + id;
    owner.season(farm, 2027);
    owner.put(field + "/crops/2027", Map.of("kind", "none")).ok();
    owner.season(farm, 2026);
    owner
        .post(
            farm + "/plans",
            save(id, null, cover("cereal_rye", 70, "2026-10-05", "rollPlant", "2027-06-05")))
        .ok();
    owner
        .post(
            farm + "/plans",
            save(id, null, cover("sorghum_sudan", 30, "2027-06-10", "mow", "2027-09-05")))
        .ok();
    JsonNode chain = owner.get(field + "/chain").ok().json();
    JsonNode summer = link(chain, "orghum", 2027);
    assertThat(summer.get("season").asInt()).isEqualTo(2027);
    assertThat(summer.get("behind").asString()).isEqualTo("Cereal rye");
    assertThat(link(chain, "rye", 2026).get("nextSeason").asInt()).isEqualTo(2027);
    assertThat(summer.get("grewMgPerHa").asDouble()).isGreaterThan(1);
    // Rye, its mulch and the summer cover leave a weed little light, over both seasons.
    JsonNode shade = owner.get(field + "/shade").ok().json();
    assertThat(shade).hasSize(2);
    assertThat(shade.at("/0/light")).hasSize(52);
    assertThat(shade.at("/0/season").asInt()).isEqualTo(2026);
    assertThat(shade.at("/1/dark").asInt()).isGreaterThan(shade.at("/0/dark").asInt());
    assertThat(shade.at("/0/open").size()).isPositive();
    // What stands behind is not left in the air.
    JsonNode rye = owner.furrow(farm, "Home Place").get("plan");
    assertThat(owner.post(farm + "/plans", save(id, rye, null)).refused(422))
        .contains("stands on the ground that Cereal rye leaves")
        .contains("Take that out first");
    // It is not this season's, and this season's stays what it was.
    assertThat(owner.furrow(farm, "Home Place").at("/plan/plan/components/0/species").asString())
        .isEqualTo("cereal_rye");
    owner.season(farm, 2027);
    JsonNode next = owner.furrow(farm, "Home Place");
    assertThat(next.at("/plan/id")).isEqualTo(summer.get("planId"));
    assertThat(next.at("/window/opens/day").asString()).isEqualTo("2027-06-05");
  }

  @Test
  void eachLooksAtTheSeasonTheyLike() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    Api other = owner.letIn(farm, "viewer");
    other.season(farm, 2025);
    assertThat(other.get(farm + "/season").ok().json().at("/farm/seasonYear").asInt())
        .isEqualTo(2025);
    JsonNode mine = owner.get(farm + "/season").ok().json();
    assertThat(mine.at("/farm/seasonYear").asInt()).isEqualTo(2026);
    assertThat(mine.at("/farm/thisSeason").asInt()).isEqualTo(2026);
    assertThat(owner.get(farm + "/season?season=26").refused(422)).contains("called by its year");
    assertThat(owner.get(farm + "/season?season=1949").refused(422)).contains("not a year to plan");
    String id = mine.at("/furrows/0/fieldId").asString();
    String nobody = "?link=" + java.util.UUID.randomUUID();
    assertThat(owner.get(farm + "/fields/" + id + "/season" + nobody).refused(404))
        .contains("has no such cover in the season 2026");
  }

  @Test
  void theNextSeasonComesWithTheDayAndHidesNothing() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    owner.put(farm + "/clock", Map.of("today", "2027-07-02")).ok();
    JsonNode now = owner.get(farm + "/season").ok().json();
    assertThat(now.at("/farm/seasonYear").asInt()).isEqualTo(2027);
    owner.season(farm, 2026);
    JsonNode past = owner.furrow(farm, "Creek Forty");
    assertThat(past.at("/plan/plan/components/0/species").asString()).isEqualTo("cereal_rye");
  }

  @Test
  void leftOutIsSaidOfAYear() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode years = owner.get(farm + "/years").ok().json();
    JsonNode row = row(years, "Willow Bottom");
    assertThat(cell(row, 2026).get("leftOut").asString()).startsWith("wet hole");
    assertThat(cell(row, 2027).has("leftOut")).isFalse();
    String field = farm + "/fields/" + row.get("fieldId").asString();
    owner.put(field + "/left-out/2027", Map.of("reason", "tile again")).ok();
    owner.put(field + "/left-out/2026", Map.of()).ok();
    JsonNode then = row(owner.get(farm + "/years").ok().json(), "Willow Bottom");
    assertThat(cell(then, 2026).has("leftOut")).isFalse();
    assertThat(cell(then, 2027).get("leftOut").asString()).isEqualTo("tile again");
  }

  @Test
  void yearsSumUpAndCropsAreSaidByYear() throws Exception {
    // Nothing is said of 2031 yet.
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode before = owner.get(farm + "/years?from=2026&to=2031").ok().json();
    JsonNode row = row(before, "Creek Forty");
    String field = farm + "/fields/" + row.get("fieldId").asString();
    owner.put(field + "/crops/2031", Map.of("kind", "corn")).ok();
    assertThat(owner.put(field + "/crops/2031", Map.of("kind", "rice")).refused(422))
        .contains("no crop called");
    JsonNode after = owner.get(farm + "/years?from=2026&to=2031").ok().json();
    JsonNode sum = after.at("/sums/5");
    assertThat(sum.at("/crops/0/name").asString()).isEqualTo("corn");
    assertThat(sum.at("/crops/0/areaHa").asDouble()).isEqualTo(row.get("areaHa").asDouble());
    JsonNode now = after.at("/sums/0");
    assertThat(now.get("coverHa").asDouble()).isBetween(100.0, now.get("totalHa").asDouble());
    assertThat(now.get("greenInWinterHa").asDouble())
        .isBetween(50.0, now.get("totalHa").asDouble());
    assertThat(owner.get(farm + "/years?from=2028&to=2026").refused(422)).contains("first one");
    assertThat(owner.get(farm + "/years?from=2000&to=2012").refused(422)).contains("1 to 12");
  }

  private static JsonNode row(JsonNode years, String name) {
    return StreamSupport.stream(years.get("rows").spliterator(), false)
        .filter(r -> r.get("name").asString().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode cell(JsonNode row, int season) {
    return StreamSupport.stream(row.get("years").spliterator(), false)
        .filter(y -> y.get("season").asInt() == season)
        .findFirst()
        .orElseThrow();
  }
}
