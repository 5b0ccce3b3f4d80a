package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Strips from their question to what they say. */
class TrialsTest {
  private static Map<String, Object> trial(String field, String question, String... treatments) {
    List<Map<String, Object>> all = new ArrayList<>();
    for (String t : treatments) {
      all.add(Map.of("name", t, "usdPerHa", t.length()));
    }
    Map<String, Object> in = new HashMap<>();
    in.put("fieldId", field);
    in.put("question", question);
    in.put("crop", "soybean");
    in.put("treatments", all);
    in.put("replicates", 3);
    in.put("stripWidthM", 24.384);
    return in;
  }

  private static JsonNode named(Api owner, String farm, String id) throws Exception {
    for (JsonNode t : owner.get(farm + "/trials").ok().json()) {
      if (t.get("id").asString().equals(id)) {
        return t;
      }
    }
    return null;
  }

  private static JsonNode strip(
      Api owner, String at, JsonNode trial, int number, Map<String, Object> figures)
      throws Exception {
    Map<String, Object> in = new HashMap<>();
    in.put("version", trial.get("version").asLong());
    in.put("figures", figures);
    return owner.put(at + "/strips/" + number, in).ok().json();
  }

  @Test
  void aTrialIsLaidOutLoggedAndRead() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    String id = UUID.randomUUID().toString();
    String at = farm + "/trials/" + id;
    JsonNode t = owner.put(at, trial(field, "Which?", "early", "late")).ok().json();
    assertThat(t.get("strips").size()).isEqualTo(6);
    assertThat(t.at("/strips/0/ring").size()).isGreaterThan(3);
    assertThat(t.get("warnings").toString()).contains("tell little from chance");
    assertThat(t.get("results").size()).isZero();
    for (JsonNode s : t.get("strips")) {
      double yield =
          3.5 + (s.get("treatment").asInt() == 0 ? 0.4 : 0) + 0.1 * s.get("block").asInt();
      yield += s.get("number").asInt() == 1 ? 0.05 : 0;
      t = strip(owner, at, t, s.get("number").asInt(), Map.of("yieldMgPerHa", yield));
      if (s.get("number").asInt() == 1) {
        JsonNode early = t.at("/results/0/said");
        assertThat(early.get("text").asString()).startsWith("nothing can be told yet");
        assertThat(early.at("/figures/n/value").asInt()).isEqualTo(5);
      }
    }
    JsonNode yield = t.get("results").get(0);
    assertThat(yield.get("unit").asString()).isEqualTo("BEAN_MG_PER_HA");
    assertThat(yield.at("/said/text").asString())
        .startsWith("{more} came to {by} more than {less}");
    assertThat(yield.at("/said/figures/more/words").asString()).isEqualTo("early");
    double by = yield.at("/differences/0/difference").asDouble();
    assertThat(Math.abs(by)).isBetween(0.37, 0.43);
    // "late" costs a dollar less a hectare, and brings less of beans at the farm's price.
    assertThat(yield.at("/pays/0/treatment").asString()).isEqualTo("late");
    double price = (-1 - yield.at("/pays/0/usdPerHa").asDouble()) / -by;
    assertThat(price).isBetween(-1000.0, 1000.0);
    assertThat(yield.at("/pays/0/usdPerHa").asDouble()).isLessThan(-50);
    assertThat(yield.has("together")).isFalse();
  }

  private static JsonNode worked(Api owner, String farm, String name) throws Exception {
    for (JsonNode f : owner.get(farm + "/fields").ok().json()) {
      if (f.get("name").asString().equals(name)) {
        return f;
      }
    }
    return null;
  }

  /** Its parts were once no sound polygons, and could not be joined again. */
  @Test
  void aFieldWhoseEdgesRunAlongItsStripsIsPartedAndJoined() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode field = worked(owner, farm, "Killdeer West");
    String at = farm + "/trials/" + UUID.randomUUID();
    String way = "a way that is told at such length that no field could be called by it";
    Map<String, Object> in = trial(field.get("id").asString(), "Which?", "short", way);
    JsonNode t = owner.put(at, in).ok().json();
    assertThat(t.get("partable").asBoolean()).isTrue();
    Map<String, Object> to = new HashMap<>();
    to.put("version", t.get("version").asLong());
    to.put("apart", true);
    t = owner.post(at + "/parts", to).ok().json();
    assertThat(t.get("partable").asBoolean()).isFalse();
    assertThat(owner.call("DELETE", at, null).refused(422)).contains("one field again");
    assertThat(t.at("/parts/0/name").asString()).isEqualTo("Killdeer West: short");
    assertThat(t.at("/parts/1/name").asString()).isEqualTo("Killdeer West: way 2");
    Map<String, Object> costs = new HashMap<>();
    costs.put("usdPerHa", Arrays.asList(1.0, null));
    assertThat(owner.post(at + "/costs", costs).refused(422)).contains("usdPerHa[1]");
    to.put("version", t.get("version").asLong());
    to.put("apart", false);
    owner.post(at + "/parts", to).ok();
    owner.delete(at).ok();
    JsonNode again = worked(owner, farm, "Killdeer West");
    assertThat(again.get("areaHa")).isEqualTo(field.get("areaHa"));
    assertThat(again.get("computedAreaHa")).isEqualTo(field.get("computedAreaHa"));
  }

  /** West, south, east and north of a ring. */
  private static double[] box(JsonNode ring) {
    double[] box = {180, 90, -180, -90};
    for (JsonNode point : ring) {
      for (int k = 0; k < 2; k++) {
        box[k] = Math.min(box[k], point.get(k).asDouble());
        box[k + 2] = Math.max(box[k + 2], point.get(k).asDouble());
      }
    }
    return box;
  }

  @Test
  void eachWayIsAFieldOfItsOwnForAWhile() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode whole = worked(owner, farm, "Stone House");
    String at = farm + "/trials/" + UUID.randomUUID();
    Map<String, Object> in =
        trial(whole.get("id").asString(), "Which stands better?", "drilled", "flown");
    JsonNode t = owner.put(at, in).ok().json();
    assertThat(t.get("parts").size()).isZero();
    Map<String, Object> apart = new HashMap<>();
    apart.put("version", t.get("version").asLong() + 7);
    apart.put("apart", true);
    assertThat(owner.post(at + "/parts", apart).refused(409)).contains("changed");
    apart.put("version", t.get("version").asLong());
    t = owner.post(at + "/parts", apart).ok().json();
    assertThat(t.get("field").asString()).isEqualTo("Stone House");
    assertThat(t.get("parts").size()).isEqualTo(3);
    assertThat(t.at("/strips/5/ring").size()).as("still drawn").isGreaterThan(3);
    double sum = 0;
    for (JsonNode p : t.get("parts")) {
      sum += p.get("areaHa").asDouble();
    }
    assertThat(sum).isCloseTo(whole.get("areaHa").asDouble(), within(1e-9));
    double each = t.at("/parts/0/areaHa").asDouble();
    assertThat(each).isCloseTo(t.at("/parts/1/areaHa").asDouble(), within(0.25 * each));
    assertThat(t.at("/parts/2").has("treatment")).isFalse();
    assertThat(worked(owner, farm, "Stone House")).isNull();

    JsonNode flown = owner.furrow(farm, "Stone House: flown");
    assertThat(flown.get("fieldId").asString()).isEqualTo(t.at("/parts/1/fieldId").asString());
    Map<String, Object> plan = Api.map(flown.at("/plan/plan"));
    plan.put("method", "aircraft");
    Map<String, Object> one = new HashMap<>();
    one.put("fieldId", flown.get("fieldId").asString());
    one.put("planId", flown.at("/plan/id").asString());
    one.put("version", flown.at("/plan/version").asLong());
    one.put("plan", plan);
    owner.post(farm + "/plans", Map.of("what", "flown", "plans", List.of(one))).ok();
    assertThat(owner.furrow(farm, "Stone House: drilled").at("/plan/plan/method").asString())
        .isNotEqualTo("aircraft");

    // What a way costs is in its part's account: seed, seeding, ending and passes.
    t = named(owner, farm, t.get("id").asString());
    for (int i = 0; i < 2; i++) {
      JsonNode part = t.get("parts").get(i);
      String of = farm + "/fields/" + part.get("fieldId").asString() + "/accounts";
      double spent = 0;
      for (JsonNode l : owner.get(of).ok().json().at("/0/lines")) {
        boolean spends =
            List.of("seed", "seeding", "ending", "passes").contains(l.get("part").asString());
        double planned = l.path("planned").asDouble(0);
        spent -= spends ? l.path("came").asDouble(planned) : 0;
      }
      assertThat(part.get("usdPerHa").asDouble()).isCloseTo(spent, within(1e-9)).isPositive();
    }
    assertThat(t.at("/parts/0/usdPerHa").asDouble())
        .as("flying costs something else")
        .isNotCloseTo(t.at("/parts/1/usdPerHa").asDouble(), within(0.5));
    Map<String, Object> costs = new HashMap<>();
    costs.put("version", t.get("version").asLong());
    t = owner.post(at + "/costs", costs).ok().json();
    assertThat(t.at("/treatments/1/usdPerHa")).isEqualTo(t.at("/parts/1/usdPerHa"));
    costs.put("version", t.get("version").asLong());
    costs.put("usdPerHa", List.of(1, 2, 3));
    assertThat(owner.post(at + "/costs", costs).refused(422)).contains("has 2 ways");
    costs.put("usdPerHa", List.of(1, -2));
    assertThat(owner.post(at + "/costs", costs).refused(422)).contains("What a treatment costs");
    costs.put("usdPerHa", List.of(7, 5));
    t = owner.post(at + "/costs", costs).ok().json();
    assertThat(t.at("/treatments/0/usdPerHa").asDouble()).isEqualTo(7);

    in.put("version", t.get("version").asLong());
    in.put("stripWidthM", 12.192);
    assertThat(owner.put(at, in).refused(422)).contains("one field again before");
    apart.put("version", t.get("version").asLong());
    assertThat(owner.post(at + "/parts", apart).refused(422))
        .contains("parts of the field already");
    apart.put("apart", false);
    assertThat(owner.post(at + "/parts", apart).refused(422)).contains("Not the same covers");
    assertThat(named(owner, farm, t.get("id").asString()).get("parts").size())
        .as("nothing half done")
        .isEqualTo(3);
    owner.post(farm + "/plans/undo", Map.of()).ok();
    JsonNode flags = t.get("strips");
    t = owner.post(at + "/parts", apart).ok().json();
    assertThat(t.get("parts").size()).isZero();
    for (int i = 0; i < flags.size(); i++) {
      double[] was = box(flags.get(i).get("ring"));
      assertThat(box(t.get("strips").get(i).get("ring")))
          .as("strip %d lies where it was flagged", i + 1)
          .containsExactly(was, within(1e-6));
    }
    JsonNode again = worked(owner, farm, "Stone House");
    assertThat(again.get("id").asString()).isEqualTo(t.get("fieldId").asString());
    assertThat(again.get("areaHa").asDouble()).isEqualTo(whole.get("areaHa").asDouble());
    apart.put("version", t.get("version").asLong());
    assertThat(owner.post(at + "/parts", apart).refused(422)).contains("no parts of the field");
    costs.put("version", t.get("version").asLong());
    costs.put("usdPerHa", null);
    assertThat(owner.post(at + "/costs", costs).refused(422)).contains("is not in an account");

    for (JsonNode other : owner.get(farm + "/trials").ok().json()) {
      if (other.get("season").asInt() == 2025) {
        Map<String, Object> late = Map.of("version", other.get("version").asLong(), "apart", true);
        String path = farm + "/trials/" + other.get("id").asString() + "/parts";
        assertThat(owner.post(path, late).refused(422)).contains("The trial of 2025 is over");
      }
    }
  }

  @Test
  void stripsLeaveAsFilesThatMachinesRead() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    String at = farm + "/trials/" + UUID.randomUUID();
    owner.put(at, trial(field, "Which?", "early & \"soon\"", "late")).ok();
    JsonNode features = Api.parsed(owner.get(at + "/strips.geojson").ok().text()).get("features");
    assertThat(features.size()).isEqualTo(6);
    JsonNode first = features.get(0);
    assertThat(first.at("/geometry/type").asString()).isEqualTo("Polygon");
    JsonNode ring = first.at("/geometry/coordinates/0");
    assertThat(ring.get(0)).isEqualTo(ring.get(ring.size() - 1));
    List<String> names = new ArrayList<>();
    features.forEach(f -> names.add(f.at("/properties/name").asString()));
    assertThat(names.get(5)).startsWith("strip 6: ");
    assertThat(names.toString()).contains("early & \"soon\"");
    assertThat(owner.get(at + "/strips.kml").ok().text())
        .contains("<LinearRing>")
        .contains("early &amp; ");
    assertThat(owner.get(at + "/strips.gpx").ok().text()).contains("<rtept lat=\"41.");
    assertThat(owner.get(at + "/strips.shp").refused(404)).contains("geojson, kml or gpx");
  }

  @Test
  void aLostStripSaysWhyAndDoesNotCount() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode old = null;
    for (JsonNode t : owner.get(farm + "/trials").ok().json()) {
      if (t.get("season").asInt() == 2024) {
        old = t;
      }
    }
    assertThat(old.at("/strips/4/lost").asString()).isEqualTo("the sprayer's wheel tracks");
    assertThat(old.at("/results/0/lsd").isMissingNode()).isTrue();
    int counted = 0;
    for (JsonNode t : old.at("/results/0/treatments")) {
      counted += t.get("n").asInt();
    }
    assertThat(counted).isEqualTo(11);
    // One question over two years: each by itself, and both together.
    assertThat(old.at("/results/0/together/years").size()).isEqualTo(2);
    double both = old.at("/results/0/together/all/difference").asDouble();
    double a = old.at("/results/0/together/years/0/difference").asDouble();
    double b = old.at("/results/0/together/years/1/difference").asDouble();
    assertThat(both).isBetween(Math.min(a, b), Math.max(a, b));
    assertThat(old.at("/results/1/key").asString()).isEqualTo("coverMgPerHa");
  }

  @Test
  void whatIsMeasuredStays() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    String id = UUID.randomUUID().toString();
    String at = farm + "/trials/" + id;
    JsonNode t = owner.put(at, trial(field, "Which?", "early", "late")).ok().json();
    String order = t.get("strips").toString();
    Map<String, Object> again = trial(field, "Which one?", "soon", "late");
    again.put("version", t.get("version").asLong());
    t = owner.put(at, again).ok().json();
    assertThat(t.get("strips").toString()).as("renamed, not shuffled anew").isEqualTo(order);
    JsonNode measured = strip(owner, at, t, 2, Map.of("weedsOf10", 3));
    Map<String, Object> more = trial(field, "Which one?", "soon", "late", "never");
    more.put("version", measured.get("version").asLong());
    assertThat(owner.put(at, more).refused(422)).contains("measured already");
    assertThat(owner.put(at, again).refused(409)).contains("changed the trial");
    owner.delete(at).ok();
    assertThat(named(owner, farm, id)).isNull();
    owner.post(at + "/restore", Map.of()).ok();
    assertThat(named(owner, farm, id).at("/strips/1/figures/weedsOf10").asDouble())
        .isCloseTo(3, within(1e-12));
  }

  @Test
  void nonsenseIsRefusedInASentence() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    String at = farm + "/trials/" + UUID.randomUUID();
    assertThat(owner.put(at, trial(field, " ", "a", "b")).refused(422)).contains("its question");
    assertThat(owner.put(at, trial(field, "?", "a")).refused(422)).contains("two treatments");
    assertThat(owner.put(at, trial(field, "?", "a", "a")).refused(422)).contains("called “a”");
    Map<String, Object> one = trial(field, "?", "a", "b");
    one.put("replicates", 1);
    assertThat(owner.put(at, one).refused(422)).contains("Two blocks");
    one.put("replicates", 101);
    assertThat(owner.put(at, one).refused(422)).contains("200 strips");
    one.put("replicates", 3);
    one.put("stripWidthM", 101);
    assertThat(owner.put(at, one).refused(422)).contains("100 m wide");
    JsonNode t = owner.put(at, trial(field, "?", "a", "b")).ok().json();
    Map<String, Object> wild =
        Map.of("version", t.get("version").asLong(), "figures", Map.of("yieldMgPerHa", 900));
    assertThat(owner.put(at + "/strips/1", wild).refused(422)).contains("Yield must be given");
    Map<String, Object> strange =
        Map.of("version", t.get("version").asLong(), "figures", Map.of("seedKg", 9));
    assertThat(owner.put(at + "/strips/1", strange).refused(422))
        .contains("not measured on strips");
    owner.put(at + "/strips/7", Map.of("version", t.get("version").asLong())).refused(404);
    Api viewer = owner.letIn(farm, "viewer");
    assertThat(viewer.put(at + "/strips/1", Map.of("version", 0)).status()).isEqualTo(403);
  }
}
