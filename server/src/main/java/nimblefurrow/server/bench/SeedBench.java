package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.seed.MixCheck;
import nimblefurrow.core.seed.MixWarning;
import nimblefurrow.core.seed.PureLiveSeed;
import nimblefurrow.core.seed.SeedMix;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Usual;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is in the bag and in the mix. */
@RestController
@RequestMapping("/api/bench")
class SeedBench {

  private final SpeciesTable shipped;
  private final SpeciesService species;
  private final Access access;

  SeedBench(SpeciesTable shipped, SpeciesService species, Access access) {
    this.shipped = shipped;
    this.species = species;
    this.access = access;
  }

  @Schema(example = "{\"purity\":0.98,\"germination\":0.85,\"plsRateKgPerHa\":60}")
  record PlsQuestion(double purity, double germination, double plsRateKgPerHa) {}

  @PostMapping("/pure-live-seed")
  PureLiveSeed pureLiveSeed(@RequestBody PlsQuestion q) {
    return PureLiveSeed.of(q.purity(), q.germination(), q.plsRateKgPerHa());
  }

  @Schema(example = "{\"germinated\":85,\"tested\":100,\"confidence\":0.9}")
  record CountOutQuestion(int germinated, int tested, @Nullable Double confidence) {}

  @PostMapping("/germination-count")
  PureLiveSeed.CountOut germinationCount(@RequestBody CountOutQuestion q) {
    return PureLiveSeed.CountOut.of(
        q.germinated(),
        q.tested(),
        q.confidence() == null ? Usual.of("confidence") : q.confidence());
  }

  /**
   * A mix by rates; or, with {@code totalKgPerHa} or {@code liveSeedsPerM2} and a share for each
   * component, by mass or by number of live seeds.
   *
   * @param placement a placement of the season model, or a way of seeding
   * @param ending how the cover is to end, for warnings that hang on it
   * @param farmId a farm whose own species may stand in the mix
   */
  @Schema(
      example =
          "{\"components\":[{\"species\":\"cereal_rye\",\"rateKgPerHa\":35,\"germination\":0.9,"
              + "\"purity\":0.98,\"pricePerKg\":0.75},{\"species\":\"hairy_vetch\",\"rateKgPerHa\":"
              + "11,\"germination\":0.85,\"purity\":0.98,\"pricePerKg\":4.4}],\"placement\":\"drill\"}")
  record MixQuestion(
      List<Component> components,
      String placement,
      @Nullable Double totalKgPerHa,
      @Nullable Double liveSeedsPerM2,
      @Nullable String ending,
      @Nullable UUID farmId) {}

  /** One component; quality and price are the usual ones when not given. */
  @Schema(name = "MixPart")
  record Component(
      String species,
      @Nullable Double rateKgPerHa,
      @Nullable Double share,
      @Nullable Double germination,
      @Nullable Double purity,
      @Nullable Double pricePerKg) {}

  record MixAnswer(
      List<ComponentAnswer> components,
      double rateKgPerHa,
      double liveSeedsPerM2,
      double intensity,
      double costPerHa,
      List<WarningAnswer> warnings) {}

  record ComponentAnswer(
      String species,
      double rateKgPerHa,
      double liveSeedsPerM2,
      double shareByMass,
      double shareByCount,
      double costPerHa,
      double fullRateKgPerHa,
      double mixCapKgPerHa) {}

  /** What may go wrong; {@code text} is metric, {@code reason} holds the figures. */
  record WarningAnswer(
      String code,
      String text,
      ReasonView reason,
      @Nullable String fix,
      @Nullable List<Mended> mended) {}

  /** A component of the mended mix. */
  record Mended(String species, double rateKgPerHa) {}

  @PostMapping("/mix")
  MixAnswer mix(@RequestBody MixQuestion q) {
    Placement placement = placement(q.placement());
    SeedMix mix = entered(q);
    double mass = mix.rateKgPerHa();
    double count = mix.liveSeedsPerM2();
    List<ComponentAnswer> components =
        mix.seeds().stream()
            .map(
                s ->
                    new ComponentAnswer(
                        s.species().id(),
                        s.rateKgPerHa(),
                        s.liveSeedsPerM2(),
                        s.rateKgPerHa() / mass,
                        s.liveSeedsPerM2() / count,
                        s.costPerHa(),
                        SeedMix.fullRateKgPerHa(s.species(), placement),
                        s.species().seed().mixCapKgPerHa()))
            .toList();
    return new MixAnswer(
        components,
        mass,
        count,
        mix.intensity(placement),
        mix.costPerHa(),
        MixCheck.of(mix, placement, ending(q.ending())).stream().map(SeedBench::view).toList());
  }

  private SeedMix entered(MixQuestion q) {
    SpeciesTable table = shipped;
    if (q.farmId() != null) {
      access.see(q.farmId());
      table = species.table(q.farmId());
    }
    List<SeedMix.Seed> seeds = new ArrayList<>();
    List<Double> shares = new ArrayList<>();
    boolean byShares = q.totalKgPerHa() != null || q.liveSeedsPerM2() != null;
    for (int i = 0; i < q.components().size(); i++) {
      Component c = q.components().get(i);
      String at = "components[" + i + "]";
      var found = table.find(c.species());
      if (found.isEmpty()) {
        throw new Refused(
            at + ".species",
            "There is no species “"
                + c.species()
                + "” in the table; on a farm, add your own under Seed.");
      }
      if (!byShares && c.rateKgPerHa() == null) {
        throw new Refused(at + ".rateKgPerHa", "Give the rate of " + found.get().name() + ".");
      }
      double rate = byShares || c.rateKgPerHa() == null ? 1 : c.rateKgPerHa();
      seeds.add(
          new SeedMix.Seed(
              found.get(),
              rate,
              c.germination() == null ? CoverComponent.USUAL_GERMINATION : c.germination(),
              c.purity() == null ? CoverComponent.USUAL_PURITY : c.purity(),
              c.pricePerKg() == null ? found.get().seedUsdPerKg() : c.pricePerKg()));
      shares.add(c.share() == null ? 0 : c.share());
    }
    SeedMix mix = new SeedMix(seeds);
    if (q.totalKgPerHa() != null) {
      return mix.byMass(q.totalKgPerHa(), shares);
    }
    return q.liveSeedsPerM2() != null ? mix.byCount(q.liveSeedsPerM2(), shares) : mix;
  }

  /** A placement of the model, or the placement of a way of seeding. */
  private static Placement placement(String key) {
    try {
      return Placement.of(key);
    } catch (Refused notThat) {
      try {
        return SeedingMethod.of(key).placement();
      } catch (Refused nothing) {
        throw new Refused("placement", "There is no placement called “" + key + "”.");
      }
    }
  }

  private static @Nullable EndingMethod ending(@Nullable String key) {
    if (key == null || key.isBlank() || key.equalsIgnoreCase("other")) {
      return null;
    }
    // The calculator's own short word for any rolling.
    return key.equalsIgnoreCase("roll")
        ? EndingMethods.all().stream().filter(EndingMethod::rolls).findFirst().orElseThrow()
        : EndingMethod.of(key);
  }

  private static WarningAnswer view(MixWarning w) {
    MixWarning.Fix fix = w.fix();
    return new WarningAnswer(
        w.code().key(),
        w.reason().say(nimblefurrow.core.units.UnitSystem.METRIC),
        ReasonView.of(w.reason()),
        fix == null ? null : fix.words(),
        fix == null
            ? null
            : fix.mix().seeds().stream()
                .map(s -> new Mended(s.species().id(), s.rateKgPerHa()))
                .toList());
  }
}
