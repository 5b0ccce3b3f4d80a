package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.seed.MixCheck;
import nimblefurrow.core.seed.MixEntry;
import nimblefurrow.core.seed.MixWarning;
import nimblefurrow.core.seed.PureLiveSeed;
import nimblefurrow.core.seed.SeedMix;
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
      @Nullable Double pricePerKg) {
    MixEntry.Component entry() {
      return new MixEntry.Component(species, rateKgPerHa, share, germination, purity, pricePerKg);
    }
  }

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
    MixEntry entry =
        new MixEntry(
            q.components().stream().map(Component::entry).toList(),
            q.placement(),
            q.totalKgPerHa(),
            q.liveSeedsPerM2(),
            q.ending());
    Placement placement = entry.placement();
    SeedMix mix = entry.mix(table(q.farmId()));
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
        MixCheck.of(mix, placement, entry.ending()).stream().map(SeedBench::view).toList());
  }

  private SpeciesTable table(@Nullable UUID farmId) {
    if (farmId == null) {
      return shipped;
    }
    access.see(farmId);
    return species.table(farmId);
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
