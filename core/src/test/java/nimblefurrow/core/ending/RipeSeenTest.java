package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CoverPlan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ripe for the drum by what was seen, not by what was forecast. */
class RipeSeenTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 18);

  private static CoverPlan cover(Sighting... seen) {
    return new CoverPlan(
            Soil.USUAL,
            FieldStart.USUAL,
            List.of(Farm.seed("cereal_rye", 60), Farm.seed("hairy_vetch", 20)),
            Seedings.DRILL,
            LocalDate.of(2026, 9, 20),
            LocalDate.of(2027, 5, 25),
            LocalDate.of(2027, 5, 26))
        .seeing(List.of(seen));
  }

  private static Sighting stage(int component, double fraction, int later) {
    return new Sighting.Stage(DAY.plusDays(later), component, fraction);
  }

  private static RipeSeen of(Sighting... seen) {
    return RipeSeen.of(cover(seen), Endings.ROLL_PLANT).orElse(null);
  }

  @Test
  void theLastSpeciesSeenRipeSaysFromWhenAndItsSeedUntilWhen() {
    assertThat(of(stage(0, 1.0, 0), stage(1, 1.0, 3)))
        .isEqualTo(new RipeSeen(DAY.plusDays(3), DAY.plusDays(13)));
    assertThat(of(stage(1, 1.0, 0), stage(0, 1.1, 5)))
        .isEqualTo(new RipeSeen(DAY.plusDays(5), DAY.plusDays(15)));
  }

  @Test
  void oneThatWasNotSeenOrIsNotSoFarWaits() {
    assertThat(of()).isNull();
    assertThat(of(stage(0, 1.2, 0))).isNull();
    assertThat(of(stage(0, 1.2, 0), stage(1, 0.99, 0))).isNull();
    assertThat(of(new Sighting.Cover(DAY, 5))).isNull();
  }

  @Test
  void theLastLookAtASpeciesCounts() {
    assertThat(of(stage(0, 1.0, 0), stage(1, 1.0, 0), stage(1, 0.9, 1))).isNull();
    assertThat(of(stage(1, 0.9, 0), stage(0, 1.0, 1), stage(1, 1.0, 1))).isNotNull();
    assertThat(of(stage(1, 1.0, 0), stage(0, 1.0, 0), stage(0, 0.9, 0))).isNull();
  }

  /** Soft dough of a cereal, late pod of the others. */
  @ParameterizedTest
  @CsvSource({"1.35, 1.24, 10", "1.36, 1.0, 2", "1.0, 1.25, 2"})
  void whatIsLateIsRolledAtOnce(double rye, double vetch, int days) {
    assertThat(of(stage(0, rye, 0), stage(1, vetch, 0)))
        .isEqualTo(new RipeSeen(DAY, DAY.plusDays(days)));
  }

  @Test
  void onlyADrumAsksForIt() {
    List<EndingMethod> rolling = new ArrayList<>();
    for (EndingMethod m : EndingMethods.all()) {
      RipeSeen.of(cover(stage(0, 1, 0), stage(1, 1, 0)), m).ifPresent(r -> rolling.add(m));
    }
    assertThat(rolling).contains(Endings.ROLL_PLANT).allMatch(EndingMethod::rolls);
    assertThat(EndingMethods.all().stream().filter(EndingMethod::rolls))
        .containsExactlyInAnyOrderElementsOf(rolling);
  }
}
