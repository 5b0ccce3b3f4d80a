package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Rows of a cover, and nitrogen in the pass that seeds it: kept on the plan and used by all. */
class RowsTest {
  private Api owner;
  private String farm;
  private String id;
  private String field;
  private String name;

  @BeforeEach
  void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
    on("Long Eighty");
  }

  private void on(String fieldName) throws Exception {
    name = fieldName;
    id = owner.furrow(farm, name).get("fieldId").asString();
    field = farm + "/fields/" + id;
  }

  private JsonNode plan() throws Exception {
    return owner.furrow(farm, name).get("plan");
  }

  private static Map<String, Object> rows(int openers) {
    Map<String, Object> rows = new HashMap<>();
    rows.put("cropSpacingM", 0.762);
    rows.put("openers", openers);
    rows.put("apartM", 0.19);
    rows.put("seededGaps", 11);
    rows.put("ofGaps", 12);
    rows.put("angleDeg", 0);
    rows.put("sideDress", Map.of("product", "UAN", "nitrogenKgPerHa", 62, "bandM", 0.381));
    rows.put(
        "strips",
        List.of(
            Map.of("species", "annual_ryegrass", "widthM", 0.5, "box", "rear box"),
            Map.of("species", "red_clover", "widthM", 0.25, "box", "small box")));
    return rows;
  }

  private Api.Answer keep(Map<String, Object> changed) throws Exception {
    JsonNode stored = plan();
    Map<String, Object> save = new HashMap<>();
    save.put("fieldId", id);
    save.put("planId", stored.get("id"));
    save.put("version", stored.get("version"));
    save.put("plan", changed);
    return owner.post(farm + "/plans", Map.of("what", "rows", "plans", List.of(save)));
  }

  private Map<String, Object> withRows(Object rows) throws Exception {
    Map<String, Object> plan = Api.map(plan().get("plan"));
    plan.put("rows", rows);
    return plan;
  }

  private double passes() throws Exception {
    double sum = 0;
    for (JsonNode l : owner.get(field + "/accounts").ok().json().get(0).get("lines")) {
      sum += l.get("part").asString().equals("passes") ? l.path("planned").asDouble() : 0;
    }
    return sum;
  }

  @Test
  void onePassSeedsAndFeedsAndEveryPageSaysSo() throws Exception {
    keep(withRows(null)).ok();
    assertThat(passes()).isZero();
    keep(withRows(rows(2))).ok();
    assertThat(plan().at("/plan/rows/sideDress/nitrogenKgPerHa").asDouble()).isEqualTo(62);
    assertThat(passes()).as("a pass of the spreader").isGreaterThan(10);

    JsonNode job = owner.get(field + "/job").ok().json();
    assertThat(job.at("/rows/coverRowsM")).hasSize(2);
    String words = job.at("/rows/words").toString();
    assertThat(words).contains("rear box", "small box", "UAN", "close the rest");
    assertThat(job.get("cautions").toString()).contains("hoses bled before they are opened");
    JsonNode asked =
        owner
            .post(
                farm + "/rows",
                Map.of(
                    "rows", rows(2),
                    "method", "interseeder",
                    "components", job.at("/plan/components")))
            .ok()
            .json();
    assertThat(asked.get("words")).isEqualTo(job.at("/rows/words"));
    assertThat(owner.get(farm + "/seed/needs").ok().json().toString())
        .as("a field that is seeded needs no seed")
        .doesNotContain("Long Eighty");
  }

  @Test
  void whatWentOutWithTheSeedIsInTheRecordAndTheAccount() throws Exception {
    keep(withRows(rows(2))).ok();
    Map<String, Object> out = new HashMap<>();
    out.put("doneOn", "2026-06-12");
    out.put("areaHa", 5);
    out.put("targetKgPerHa", 14);
    out.put("seedKg", 70);
    out.put("lots", List.of());
    out.put("words", "");
    out.put("sideDress", Map.of("product", "UAN", "nitrogenKgPerHa", 55, "bandM", 0.381));
    JsonNode ledger = owner.get(field + "/nitrogen").ok().json().get("lines");
    String entry = UUID.randomUUID().toString();
    owner.put(field + "/seedings/" + entry, out).ok();
    JsonNode found = null;
    for (JsonNode e : owner.get(field + "/log").ok().json().get("entries")) {
      found = e.at("/entry/id").asString().equals(entry) ? e.get("entry") : found;
    }
    assertThat(found).isNotNull();
    assertThat(found.at("/figures/nitrogenKgPerHa").asDouble()).isEqualTo(55);
    assertThat(found.at("/names/product").asString()).isEqualTo("UAN");
    assertThat(owner.get(field + "/nitrogen").ok().json().get("lines"))
        .as("the corn takes it, not what follows")
        .hasSameSizeAs(ledger);
    assertThat(passesCame()).as("the pass it saved").isPositive();
    out.put("sideDress", Map.of("product", "UAN", "nitrogenKgPerHa", 900, "bandM", 0.381));
    assertThat(owner.put(field + "/seedings/" + UUID.randomUUID(), out).refused(422))
        .contains("slip of the pen");
  }

  @Test
  void whatNoLongerHoldsGoesWithUndoAndNonsenseIsRefusedAtItsPlace() throws Exception {
    on("Creek Forty");
    Map<String, Object> rows = rows(2);
    rows.put("strips", List.of(Map.of("species", "cereal_rye", "widthM", 0.5, "box", "rear box")));
    keep(withRows(rows)).ok();
    assertThat(plan().at("/plan/rows").has("sideDress")).as("no crop stands").isFalse();
    assertThat(plan().at("/plan/rows/strips")).hasSize(1);
    assertThat(owner.get(farm + "/seed/needs").ok().json().toString())
        .contains("Creek Forty (rear box)");
    JsonNode seed = owner.get(field + "/job").ok().json().at("/seeds/0");
    for (JsonNode lot : seed.get("lots")) {
      double areaHa = owner.furrow(farm, name).get("areaHa").asDouble();
      assertThat(lot.get("rateKgPerHa").asDouble())
          .as("what goes out of its lot, through 11 gaps of 12")
          .isCloseTo(lot.get("seedKg").asDouble() / areaHa * 12 / 11, within(1e-6));
    }
    assertThat(seed.get("lots")).isNotEmpty();
    Api.Answer nine = keep(withRows(rows(9)));
    assertThat(nine.refused(422)).contains("do not fit", "7.5 in", "30.0 in");
    assertThat(nine.text()).contains("rows.openers");
    Map<String, Object> other = Api.map(plan().get("plan"));
    other.put("components", List.of(Map.of("species", "triticale", "rateKgPerHa", 70)));
    keep(other).ok();
    JsonNode kept = plan().at("/plan/rows");
    assertThat(kept.get("strips")).isEmpty();
    assertThat(kept.get("openers").asInt()).isEqualTo(2);
    Map<String, Object> flown = Api.map(plan().get("plan"));
    flown.put("method", "drone");
    keep(flown).ok();
    assertThat(plan().get("plan").has("rows")).isFalse();
    owner.post(farm + "/plans/undo", Map.of()).ok();
    assertThat(plan().at("/plan/rows/openers").asInt()).isEqualTo(2);
    assertThat(
            owner
                .post(
                    farm + "/rows",
                    Map.of(
                        "rows", rows(2),
                        "method", "drone",
                        "components", plan().at("/plan/components")))
                .refused(422))
        .contains("no rows");
  }

  @Test
  void rankedCoversKeepTheRowsOfThePlan() throws Exception {
    Map<String, Object> rows = rows(2);
    rows.put("strips", List.of());
    keep(withRows(rows)).ok();
    for (JsonNode c :
        owner.get(field + "/covers?purpose=takeUpNitrogen").ok().json().get("covers")) {
      if (c.has("plan") && c.at("/plan/method").asString().equals("interseeder")) {
        assertThat(c.at("/plan/rows/openers").asInt()).isEqualTo(2);
      }
    }
    double before = passes();
    assertThat(before).isPositive();
    for (JsonNode way : owner.get(field + "/ending").ok().json().get("rows")) {
      for (JsonNode part : way.at("/money/parts")) {
        if (part.get("part").asString().equals("passes")) {
          assertThat(part.get("usd").asDouble()).isCloseTo(before, within(0.01));
        }
      }
    }
  }

  @Test
  void nitrogenThatADrillBringsBehindTheCropIsForWhatFollowsAndNoSideDress() throws Exception {
    on("Stone House");
    assertThat(sources()).doesNotContain("fertiliser");
    double came = passesCame();
    Map<String, Object> starter = new HashMap<>();
    starter.put("doneOn", "2026-09-11");
    starter.put("kind", "seeded");
    starter.put("words", "");
    starter.put("figures", Map.of("nitrogenKgPerHa", 30));
    owner.put(field + "/log/" + UUID.randomUUID(), starter).ok();
    assertThat(sources()).as("the cover takes it up first").contains("fertiliser", "takenUp");
    assertThat(passesCame()).isEqualTo(came);
  }

  private List<String> sources() throws Exception {
    List<String> all = new ArrayList<>();
    for (JsonNode l : owner.get(field + "/nitrogen").ok().json().get("lines")) {
      all.add(l.get("source").asString());
    }
    return all;
  }

  private double passesCame() throws Exception {
    double sum = 0;
    for (JsonNode l : owner.get(field + "/accounts").ok().json().get(0).get("lines")) {
      sum += l.get("part").asString().equals("passes") ? l.path("came").asDouble() : 0;
    }
    return sum;
  }
}
