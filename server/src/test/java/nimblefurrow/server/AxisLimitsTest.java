package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What binds a field's days from outside stands on its axis. */
class AxisLimitsTest {
  private static JsonNode limit(Api owner, String field, String kind) throws Exception {
    for (JsonNode l : owner.get(field + "/season").ok().json().get("limits")) {
      if (l.get("kind").asString().equals(kind)) {
        return l;
      }
    }
    return null;
  }

  @Test
  void animalsAndWhatKeepsThemOffAreBands() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    assertThat(limit(owner, field, "GRAZED")).isNull();
    String planId = furrow.at("/plan/id").asString();
    Map<String, Object> group =
        Map.of(
            "planId",
            planId,
            "name",
            "heifers",
            "head",
            40,
            "headKg",
            400,
            "inOn",
            "2026-11-01",
            "outOn",
            "2026-11-20");
    String at = farm + "/grazing-groups/" + UUID.randomUUID();
    owner.put(at, group).ok();
    JsonNode stay = limit(owner, field, "GRAZED");
    assertThat(stay.get("from").asString()).isEqualTo("2026-11-01");
    assertThat(stay.get("to").asString()).isEqualTo("2026-11-20");
    assertThat(stay.at("/why/figures/head/value").asInt()).isEqualTo(40);
    assertThat(limit(owner, field, "NO_GRAZING")).isNull();

    // Once an ending is meant that animals make, what bars them is shown without any group.
    owner.delete(at).ok();
    assertThat(limit(owner, field, "GRAZED")).isNull();
    JsonNode product = owner.get(farm + "/products").ok().json().get(0);
    Map<String, Object> label = Api.map(product.get("label"));
    label.put("grazingDays", 30);
    Map<String, Object> changed = new HashMap<>(Api.map(product));
    changed.put("label", label);
    owner.put(farm + "/products/" + product.get("id").asString(), changed).ok();
    Map<String, Object> use = Map.of("productId", product.get("id").asString(), "ratePerHa", 1);
    Map<String, Object> spray =
        Map.of(
            "on",
            "2026-09-10",
            "uses",
            List.of(use),
            "carrierLPerHa",
            120,
            "tankL",
            4500,
            "areaHa",
            5,
            "hardWater",
            false);
    owner.put(field + "/sprays/" + UUID.randomUUID(), spray).ok();
    assertThat(limit(owner, field, "NO_GRAZING")).isNull();
    Map<String, Object> plan = Api.map(furrow.at("/plan/plan"));
    plan.put("ending", "graze");
    JsonNode tried = owner.post(field + "/preview", plan).ok().json();
    assertThat(tried.get("limits").toString()).contains("NO_GRAZING", "2026-10-09");
  }

  @Test
  void theInsurersDayAndTheWaitForAResidualAreLimits() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    JsonNode insurer = limit(owner, field, "INSURER");
    assertThat(insurer.at("/why/text").asString()).contains("confirm with your agent");
    assertThat(insurer.get("from")).isEqualTo(insurer.get("to"));
    LocalDate plant = LocalDate.parse(furrow.get("nextPlantOn").asString());
    assertThat(LocalDate.parse(insurer.get("to").asString()))
        .isBetween(plant.minusDays(40), plant.plusDays(14));
    assertThat(limit(owner, field, "PLANT_BACK")).isNull();

    Map<String, Object> entry =
        Map.of(
            "doneOn",
            "2026-07-10",
            "kind",
            "sprayed",
            "words",
            "",
            "names",
            Map.of("residual", "triazine"));
    owner.put(field + "/log/" + UUID.randomUUID(), entry).ok();
    JsonNode wait = limit(owner, field, "PLANT_BACK");
    assertThat(wait.get("from").asString()).isEqualTo("2026-07-10");
    assertThat(wait.get("to").asString())
        .isEqualTo(LocalDate.of(2026, 7, 10).plusDays(89).toString());
    assertThat(wait.at("/why/text").asString()).contains("rotation section");
    // What winter ends needs no insurer's date.
    JsonNode stored = furrow.get("plan");
    Map<String, Object> plan = Api.map(stored.get("plan"));
    plan.put("ending", "winter");
    JsonNode tried = owner.post(field + "/preview", plan).ok().json();
    assertThat(tried.get("limits").toString()).doesNotContain("INSURER");
  }
}
