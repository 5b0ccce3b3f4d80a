package nimblefurrow.core.seed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** A mix as it is typed in. */
class MixEntryTest {
  private static final SpeciesTable SPECIES = SpeciesTable.shipped();

  private static MixEntry.Component part(
      String species, @Nullable Double rate, @Nullable Double share) {
    return new MixEntry.Component(species, rate, share, null, null, null);
  }

  private static MixEntry entry(
      @Nullable Double kg, @Nullable Double seeds, MixEntry.Component... parts) {
    return new MixEntry(List.of(parts), "drill", kg, seeds, null);
  }

  private static MixEntry meant(String placement, @Nullable String ending) {
    return new MixEntry(List.of(part("oats", 50.0, null)), placement, null, null, ending);
  }

  @Test
  void whatIsNotSaidIsUsual() {
    SeedMix.Seed oats = entry(null, null, part("oats", 50.0, null)).mix(SPECIES).seeds().get(0);
    assertThat(oats.rateKgPerHa()).isEqualTo(50);
    assertThat(oats.germination()).isEqualTo(CoverComponent.USUAL_GERMINATION);
    assertThat(oats.purity()).isEqualTo(CoverComponent.USUAL_PURITY);
    assertThat(oats.pricePerKg()).isEqualTo(SPECIES.get("oats").seedUsdPerKg());
    SeedMix.Seed said =
        entry(null, null, new MixEntry.Component("oats", 50.0, null, 0.7, 0.9, 2.5))
            .mix(SPECIES)
            .seeds()
            .get(0);
    assertThat(said).isEqualTo(new SeedMix.Seed(SPECIES.get("oats"), 50, 0.7, 0.9, 2.5));
  }

  @Test
  void aTotalIsDividedByShares() {
    SeedMix byMass =
        entry(60.0, null, part("oats", null, 3.0), part("hairy_vetch", null, 1.0)).mix(SPECIES);
    assertThat(byMass.seeds()).extracting(SeedMix.Seed::rateKgPerHa).containsExactly(45.0, 15.0);
    SeedMix byCount =
        entry(null, 200.0, part("oats", null, 0.25), part("hairy_vetch", null, 0.75)).mix(SPECIES);
    assertThat(byCount.seeds().get(0).liveSeedsPerM2()).isCloseTo(50, within(1e-9));
    assertThat(byCount.liveSeedsPerM2()).isCloseTo(200, within(1e-9));
    // a rate that was there before the total was typed is no part of it
    SeedMix again = entry(60.0, null, part("oats", 99.0, 1.0)).mix(SPECIES);
    assertThat(again.rateKgPerHa()).isEqualTo(60);
  }

  @Test
  void whatIsMissingIsSaidWithItsPlace() {
    assertThatThrownBy(() -> entry(null, null, part("oats", null, null)).mix(SPECIES))
        .isInstanceOfSatisfying(
            Refused.class, r -> assertThat(r.where()).isEqualTo("components[0].rateKgPerHa"))
        .hasMessage("Give the rate of " + SPECIES.get("oats").name() + ".");
    assertThatThrownBy(
            () -> entry(null, null, part("oats", 40.0, null), part("moss", 4.0, null)).mix(SPECIES))
        .isInstanceOfSatisfying(
            Refused.class, r -> assertThat(r.where()).isEqualTo("components[1].species"))
        .hasMessageContaining("“moss”");
    assertThatThrownBy(() -> entry(60.0, null, part("oats", null, null)).mix(SPECIES))
        .hasMessageContaining("sum of all shares");
  }

  @Test
  void aPlacementIsTheModelsOrAWayOfSeedings() {
    assertThat(meant("combineHead", null).placement()).isEqualTo(Placement.COMBINE_HEAD);
    assertThat(meant("drone", null).placement()).isEqualTo(Placement.AIR);
    assertThatThrownBy(() -> meant("catapult", null).placement())
        .hasMessage("There is no placement called “catapult”.");
  }

  @Test
  void anEndingMayBeOpen() {
    assertThat(meant("drill", null).ending()).isNull();
    assertThat(meant("drill", " ").ending()).isNull();
    assertThat(meant("drill", "other").ending()).isNull();
    assertThat(meant("drill", "roll").ending()).matches(e -> e.rolls());
    assertThat(meant("drill", "winter").ending()).matches(e -> e.ofItself());
    assertThatThrownBy(() -> meant("drill", "prayer").ending()).isInstanceOf(Refused.class);
  }
}
