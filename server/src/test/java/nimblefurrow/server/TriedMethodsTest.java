package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import nimblefurrow.core.ending.EndingField;
import nimblefurrow.core.ending.EndingFinding;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.ending.EndingTraits;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.ending.WatchList;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.seeding.RateBasis;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.SeedingSite;
import nimblefurrow.core.seeding.SeedingTraits;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowEdges;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Registry;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A way of ending and a way of seeding that do not ship reach every screen by their own file. */
class TriedMethodsTest {
  private static final class Steam extends EndingMethod {
    Steam() {
      super(
          new EndingTraits(
              "steam", "steam it", MachineWork.MOW, new PlantingLag(5, 9, 6), "steam", 210));
    }

    @Override
    protected void judge(EndingField field, EndingFinding found) {
      LocalDate plant = field.next().plantOn();
      found.range(traits().lag().firstEnd(plant), traits().lag().lastEnd(plant));
      found.fits(Reason.of("steam ends what it reaches"));
    }

    @Override
    public List<Ending> acts(LocalDate on) {
      return List.of(new Ending.Cut(on, 5, false));
    }

    @Override
    protected WatchList.Item watch(WatchList.Ended e) {
      return new WatchList.Item(
          "steamed",
          e.endOn().plusDays(3),
          e.endOn().plusDays(6),
          Reason.of("look for green"),
          Reason.of("cold spots"));
    }
  }

  private static final class Cannon extends SeedingMethod {
    Cannon() {
      super(new SeedingTraits("cannon", "seed cannon", Placement.BROADCAST, RateBasis.SURFACE, 12));
    }

    @Override
    public boolean waitsForHarvest() {
      return true;
    }

    @Override
    protected void edges(SeedingSite site, WindowEdges edges) {
      LocalDate opens = LocalDate.of(site.crop().ensemble().seasonYear(), 9, 1);
      edges.opens(new Window.Edge(opens, Reason.of("the cannon comes {day}").with("day", opens)));
    }

    @Override
    public List<Reason> safety() {
      return List.of(Reason.of("stand behind it"));
    }
  }

  @Test
  void bothAreChosenAdvisedOfferedAsWorkAndWatched() throws Exception {
    try (Registry.Added ending = EndingMethods.add(new Steam());
        Registry.Added seeding = SeedingMethods.add(new Cannon())) {
      Api owner = Api.owner();
      String farm = owner.demoCopy();
      JsonNode choices = owner.get(farm + "/choices").ok().json();
      assertThat(keys(choices.get("endings"))).contains("steam");
      assertThat(keys(choices.get("methods"))).contains("cannon");

      JsonNode furrow = owner.furrow(farm, "Cedar Draw");
      String field = farm + "/fields/" + furrow.get("fieldId").asString();
      gun(owner, farm);
      Map<String, Object> plan = Api.map(furrow.at("/plan/plan"));
      plan.put("method", "cannon");
      plan.put("ending", "steam");
      owner.post(farm + "/plans", save(furrow, plan)).ok();

      JsonNode season = owner.get(field + "/season").ok().json();
      assertThat(season.at("/furrow/window/method").asString()).isEqualTo("cannon");
      assertThat(season.get("endings").toString()).contains("steam ends what it reaches");
      JsonNode advice = owner.get(field + "/ending").ok().json();
      JsonNode row =
          StreamSupport.stream(advice.get("rows").spliterator(), false)
              .filter(r -> r.get("way").asString().equals("steam"))
              .findFirst()
              .orElseThrow();
      assertThat(row.get("usdPerHa").asDouble()).isEqualTo(210);
      assertThat(row.at("/outcome/mulch/middle").asDouble()).isPositive();
      assertThat(owner.get(field + "/watch").ok().text()).contains("look for green");
      JsonNode job = owner.get(field + "/job").ok().json();
      assertThat(job.get("cautions").toString()).contains("stand behind it");
      assertThat(job.get("machines").toString()).contains("Big Gun");

      String run = WorkTest.laidOut(owner, farm).get("id").asString();
      owner.post(farm + "/field-work/keep", Map.of("runId", run)).ok();
      String seed =
          farm + "/field-work/jobs/" + furrow.get("fieldId").asString() + "/seed/elsewhere";
      assertThat(owner.get(seed).ok().text()).contains("Big Gun", "seed cannon");
    }
  }

  private static List<String> keys(JsonNode all) {
    return StreamSupport.stream(all.spliterator(), false)
        .map(k -> k.get("key").asString())
        .toList();
  }

  private static Map<String, Object> save(JsonNode furrow, Object plan) {
    return Map.of(
        "what",
        "try",
        "plans",
        List.of(
            Map.of(
                "fieldId",
                furrow.get("fieldId").asString(),
                "version",
                furrow.at("/plan/version").asLong(),
                "plan",
                plan)));
  }

  /** The drill of the demo with another name and way, and whoever drives the drill. */
  private static void gun(Api owner, String farm) throws Exception {
    JsonNode drill =
        StreamSupport.stream(owner.get(farm + "/machines").ok().json().spliterator(), false)
            .filter(m -> m.get("methods").toString().contains("drill"))
            .findFirst()
            .orElseThrow();
    Map<String, Object> gun = new HashMap<>(Api.map(drill));
    gun.put("id", "0b0b0b0b-0000-4000-8000-000000000001");
    gun.put("version", null);
    gun.put("name", "Big Gun");
    gun.put("methods", List.of("cannon"));
    gun.put("widthM", 40);
    gun.put("hired", true);
    owner.put(farm + "/machines/" + gun.get("id"), gun).ok();
  }
}
