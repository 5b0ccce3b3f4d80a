package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The farm's own record corrects forecasts, until it is switched off. */
class LearntTest {
  private static Api owner;
  private static String farm;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
  }

  private static JsonNode learnt(String what) throws Exception {
    for (JsonNode l : owner.get(farm + "/learnt").ok().json()) {
      if (l.get("what").asString().equals(what)) {
        return l;
      }
    }
    throw new AssertionError(what);
  }

  private static double factor(String what) throws Exception {
    return learnt(what).at("/correction/factor").asDouble();
  }

  private static void take(String what, boolean taken) throws Exception {
    owner.put(farm + "/learnt/" + what, Map.of("taken", taken)).ok();
  }

  private static JsonNode machine(String id) throws Exception {
    for (JsonNode m : owner.get(farm + "/machines").ok().json()) {
      if (m.get("id").asString().equals(id)) {
        return m;
      }
    }
    throw new AssertionError(id);
  }

  private static void write(String field, Map<String, Object> entry) throws Exception {
    Map<String, Object> in = new HashMap<>(entry);
    in.put("words", "");
    owner.put(farm + "/fields/" + field + "/log/" + UUID.randomUUID(), in).ok();
  }

  /** What the middle year of a field's forecast has standing on a day. */
  private static double middle(String field, String day) throws Exception {
    JsonNode season = owner.get(farm + "/fields/" + field + "/season").ok().json();
    long week = ChronoUnit.WEEKS.between(LocalDate.of(2026, 7, 1), LocalDate.parse(day));
    return season.at("/furrow/middle").get((int) week).asDouble();
  }

  @Test
  void clipsOfEarlierYearsMultiplyWhatIsForecastUntilThatIsSwitchedOff() throws Exception {
    JsonNode growth = learnt("growth");
    assertThat(growth.at("/correction/n").asInt()).isGreaterThan(10);
    assertThat(growth.get("applied").asBoolean()).isTrue();
    double factor = growth.at("/correction/factor").asDouble();
    assertThat(factor).isBetween(0.8, 1.0);
    assertThat(growth.get("records").valueStream().filter(r -> !r.get("usual").asBoolean()))
        .as("stands that failed are set aside, and shown")
        .isNotEmpty();
    String field = owner.furrow(farm, "Ridge Road").get("fieldId").asString();
    double with = middle(field, "2027-05-01");
    take("growth", false);
    double without = middle(field, "2027-05-01");
    assertThat(learnt("growth").get("applied").asBoolean()).isFalse();
    assertThat(factor("growth")).isEqualTo(factor);
    take("growth", true);
    take("growth", true);
    assertThat(middle(field, "2027-05-01")).isEqualTo(with);
    assertThat(with / without).isCloseTo(factor, within(0.02));
  }

  @Test
  void hoursOfAMachineSlowItDownFromThreeRecordsOn() throws Exception {
    JsonNode roller =
        owner
            .get(farm + "/machines")
            .ok()
            .json()
            .valueStream()
            .filter(m -> m.get("work").toString().contains("roll"))
            .findFirst()
            .orElseThrow();
    String id = roller.get("id").asString();
    double perHour = roller.get("haPerHour").asDouble();
    List<String> fields = List.of("Ridge Road", "Meadowlark", "Hedge Row");
    for (String name : fields) {
      assertThat(machine(id).get("haPerHour").asDouble()).isEqualTo(perHour);
      Map<String, Object> rolled = new HashMap<>();
      rolled.put("doneOn", "2026-09-05");
      rolled.put("kind", "rolled");
      rolled.put("machineId", id);
      JsonNode furrow = owner.furrow(farm, name);
      double ha = furrow.get("areaHa").asDouble();
      rolled.put("figures", Map.of("hours", 1.5 * ha / perHour));
      write(furrow.get("fieldId").asString(), rolled);
    }
    double factor = factor("hours");
    assertThat(factor).isBetween(1.2, 1.5);
    assertThat(machine(id).get("haPerHour").asDouble()).isCloseTo(perHour / factor, within(1e-9));
    assertThat(learnt("hours").get("records").get(0).get("name").asString())
        .isEqualTo(roller.get("name").asString());
    // Saving the machine as it was read does not make it slower still.
    owner.put(farm + "/machines/" + id, Api.map(machine(id))).ok();
    assertThat(machine(id).get("haPerHour").asDouble()).isCloseTo(perHour / factor, within(1e-9));
    take("hours", false);
    assertThat(machine(id).get("haPerHour").asDouble()).isEqualTo(perHour);
  }

  @Test
  void seedThatGoesOutBeyondTheRateIsBought() throws Exception {
    Map<String, Double> before = needs();
    String machine = owner.get(farm + "/machines").ok().json().get(0).get("id").asString();
    for (String name : List.of("Creek Forty", "Stone House", "Far Corner")) {
      Map<String, Object> seeded = new HashMap<>();
      seeded.put("doneOn", "2025-09-20");
      seeded.put("kind", "seeded");
      seeded.put("machineId", machine);
      seeded.put("figures", Map.of("areaHa", 4, "targetKgPerHa", 50, "seedKg", 230));
      write(owner.furrow(farm, name).get("fieldId").asString(), seeded);
    }
    double factor = factor("rate");
    assertThat(factor).isBetween(1.05, 1.15);
    Map<String, Double> after = needs();
    assertThat(after.keySet()).isEqualTo(before.keySet());
    after.forEach((seed, kg) -> assertThat(kg).isCloseTo(before.get(seed) * factor, within(1e-6)));
  }

  private static Map<String, Double> needs() throws Exception {
    Map<String, Double> all = new HashMap<>();
    for (JsonNode n : owner.get(farm + "/seed/needs").ok().json()) {
      all.put(n.get("name").asString(), n.get("needKg").asDouble());
    }
    return all;
  }

  @Test
  void onlyAnOwnerSwitchesAndOnlyWhatThereIs() throws Exception {
    assertThat(owner.put(farm + "/learnt/luck", Map.of("taken", false)).refused(422))
        .contains("“luck”");
    Api viewer = owner.letIn(farm, "viewer");
    assertThat(viewer.get(farm + "/learnt").status()).isEqualTo(200);
    assertThat(viewer.put(farm + "/learnt/growth", Map.of("taken", false)).status()).isEqualTo(403);
  }
}
