package nimblefurrow.core.seed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pure live seed, mixes by three entries, and what is said of them. */
class SeedMixTest {
  private static SeedMix.Seed seed(String id, double rate) {
    return new SeedMix.Seed(Farm.species(id), rate, 0.9, 0.98, 1);
  }

  private static List<MixWarning.Code> codes(
      Placement placement, EndingMethod ending, SeedMix.Seed... seeds) {
    return MixCheck.of(new SeedMix(List.of(seeds)), placement, ending).stream()
        .map(MixWarning::code)
        .toList();
  }

  @Test
  void pureLiveSeedByHand() {
    // 98 % pure, 85 % germination: 0.833 live; 60 kg/ha of it need 72.03 kg/ha of the bag.
    PureLiveSeed pls = PureLiveSeed.of(0.98, 0.85, 60);
    assertThat(pls.plsFraction()).isCloseTo(0.833, within(1e-12));
    assertThat(pls.bulkRateKgPerHa()).isCloseTo(60 / 0.833, within(1e-9));
    // 54 lb/ac of live seed are 64.8 lb/ac of the bag.
    double bulk =
        PureLiveSeed.of(0.98, 0.85, UnitSystem.US.toSi(54, Unit.KG_PER_HA)).bulkRateKgPerHa();
    assertThat(UnitSystem.US.convert(bulk, Unit.KG_PER_HA)).isCloseTo(64.8259, within(1e-3));
  }

  @Test
  void liveSeedsAndCostByHand() {
    // 70 kg/ha × 0.98 × 0.9 × 40 000 seeds/kg / 10 000 m²/ha = 246.96 per m².
    SeedMix.Seed rye = new SeedMix.Seed(Farm.species("cereal_rye"), 70, 0.9, 0.98, 0.75);
    assertThat(rye.liveSeedsPerM2()).isCloseTo(246.96, within(1e-9));
    assertThat(rye.costPerHa()).isCloseTo(52.5, within(1e-9));
    SeedMix mix = new SeedMix(List.of(rye.at(35), seed("hairy_vetch", 11)));
    double vetchAlone = Farm.species("hairy_vetch").seed().drilled().typical();
    assertThat(mix.intensity(Placement.DRILL)).isCloseTo(0.5 + 11 / vetchAlone, within(1e-12));
  }

  @Test
  void aCountOutIsWilsons() {
    // 85 of 100 at 90 %: the Wilson interval is 0.7821 to 0.8995.
    PureLiveSeed.CountOut c = PureLiveSeed.CountOut.of(85, 100, 0.90);
    assertThat(c.germination()).isEqualTo(0.85);
    assertThat(c.low()).isCloseTo(0.7821, within(1e-4));
    assertThat(c.high()).isCloseTo(0.8995, within(1e-4));
    assertThat(PureLiveSeed.CountOut.of(100, 100, 0.9).low()).isBetween(0.9, 0.999);
  }

  @Test
  void whatCannotBeIsRefusedWithItsPlace() {
    assertThatThrownBy(() -> PureLiveSeed.of(0.98, 1.1, 60))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo("germination"))
        .hasMessageContaining("110 %");
    assertThatThrownBy(() -> PureLiveSeed.CountOut.of(101, 100, 0.9))
        .hasMessageContaining("101 seeds cannot have germinated of 100");
    assertThatThrownBy(() -> new SeedMix(List.of())).hasMessageContaining("at least one");
    assertThatThrownBy(() -> new SeedMix(List.of(seed("oats", 0)))).hasMessageContaining("0");
    assertThatThrownBy(() -> new SeedMix(List.of(seed("oats", 5))).byMass(9, List.of(0.0)))
        .isInstanceOf(Refused.class);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void anyEntryAndBackLosesNothing(long start) {
    Random random = new Random(start);
    List<Species> all = new ArrayList<>(Farm.SPECIES.all());
    java.util.Collections.shuffle(all, random);
    List<SeedMix.Seed> seeds =
        all.subList(0, 1 + random.nextInt(8)).stream()
            .map(
                s ->
                    new SeedMix.Seed(
                        s,
                        0.5 + 80 * random.nextDouble(),
                        0.5 + 0.5 * random.nextDouble(),
                        0.8 + 0.2 * random.nextDouble(),
                        random.nextDouble()))
            .toList();
    SeedMix mix = new SeedMix(seeds);
    SeedMix byMass =
        mix.byMass(mix.rateKgPerHa(), seeds.stream().map(SeedMix.Seed::rateKgPerHa).toList());
    SeedMix byCount =
        byMass.byCount(
            mix.liveSeedsPerM2(), seeds.stream().map(SeedMix.Seed::liveSeedsPerM2).toList());
    for (int i = 0; i < seeds.size(); i++) {
      assertThat(byCount.seeds().get(i).rateKgPerHa())
          .isCloseTo(seeds.get(i).rateKgPerHa(), within(1e-9));
    }
    assertThat(byCount.costPerHa()).isCloseTo(mix.costPerHa(), within(1e-9));
  }

  @Test
  void warningsNameWhatIsWrongAndTheirFixMendsIt() {
    SeedMix heavy = new SeedMix(List.of(seed("cereal_rye", 90), seed("hairy_vetch", 20)));
    List<MixWarning> said = MixCheck.of(heavy, Placement.DRILL, null);
    MixWarning cap =
        said.stream().filter(w -> w.code() == MixWarning.Code.OVER_CAP).findFirst().orElseThrow();
    assertThat(cap.reason().say(UnitSystem.METRIC)).contains("Cereal rye at 90 kg/ha takes over");
    SeedMix mended = cap.fix().mix();
    assertThat(mended.seeds().get(0).rateKgPerHa())
        .isCloseTo(Farm.species("cereal_rye").seed().mixCapKgPerHa(), within(1e-9));
    assertThat(mended.seeds().get(1)).isEqualTo(heavy.seeds().get(1));
    MixWarning wasteful =
        said.stream().filter(w -> w.code() == MixWarning.Code.WASTEFUL).findFirst().orElseThrow();
    assertThat(wasteful.fix().mix().intensity(Placement.DRILL)).isCloseTo(1.3, within(1e-9));
  }

  @Test
  void eachDangerHasItsOwnWarning() {
    SeedMix.Seed rye = seed("cereal_rye", 25);
    assertThat(codes(Placement.DRILL, null, rye)).containsExactly(MixWarning.Code.THIN);
    assertThat(codes(Placement.AIR, null, rye, seed("winter_pea", 60)))
        .contains(MixWarning.Code.BIG_SEED_ON_TOP);
    assertThat(codes(Placement.BROADCAST, null, rye, seed("balansa_clover", 3)))
        .contains(MixWarning.Code.SEPARATES);
    assertThat(codes(Placement.DRILL, Endings.WINTER, rye, seed("oats", 40)))
        .contains(MixWarning.Code.SURVIVES_WINTER);
    assertThat(codes(Placement.DRILL, Endings.ROLL_PLANT, rye, seed("camelina", 4)))
        .contains(MixWarning.Code.RIPENS_APART);
    assertThat(codes(Placement.DRILL, null, seed("winter_pea", 60), seed("balansa_clover", 3)))
        .contains(MixWarning.Code.DEPTHS_APART);
    assertThat(codes(Placement.DRILL, Endings.WINTER, seed("oats", 70))).isEmpty();
  }

  /** Half-dead seed at twice the rate is no more of a stand, and no more over its cap. */
  @Test
  void capsAndFullnessCountLiveSeed() {
    SeedMix usual =
        new SeedMix(
            List.of(
                new SeedMix.Seed(Farm.species("cereal_rye"), 38, 0.90, 0.98, 1),
                new SeedMix.Seed(Farm.species("hairy_vetch"), 10, 0.90, 0.98, 1)));
    SeedMix half =
        new SeedMix(
            List.of(
                new SeedMix.Seed(Farm.species("cereal_rye"), 76, 0.45, 0.98, 1),
                new SeedMix.Seed(Farm.species("hairy_vetch"), 10, 0.90, 0.98, 1)));
    assertThat(half.intensity(Placement.DRILL))
        .isCloseTo(usual.intensity(Placement.DRILL), within(1e-9));
    assertThat(MixCheck.of(half, Placement.DRILL, null))
        .noneMatch(w -> w.code() == MixWarning.Code.OVER_CAP);
    SeedMix over = new SeedMix(List.of(half.seeds().get(0).at(84), half.seeds().get(1)));
    assertThat(MixCheck.of(over, Placement.DRILL, null))
        .anyMatch(w -> w.code() == MixWarning.Code.OVER_CAP);
  }
}
