package nimblefurrow.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.seeding.PlanLimits;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.server.plan.PlanInput;
import org.junit.jupiter.api.Test;

/**
 * A rate as another way of seeding needs it, as fine as it is stored and within what can be seeded.
 */
class TurnedRateTest {
  private static final Species RYE = SpeciesTable.shipped().get("cereal_rye");
  private static final SeedingMethod DRILL = SeedingMethod.of("drill");
  private static final SeedingMethod BROADCAST = SeedingMethod.of("broadcast");

  private static double turned(double rate, SeedingMethod from, SeedingMethod to) {
    return PlansFollow.turned(new PlanInput.Component(RYE.id(), rate), RYE, from, to).rateKgPerHa();
  }

  @Test
  void isMoreOnTheSurfaceAndStoredToFourPlaces() {
    assertThat(turned(85, DRILL, BROADCAST)).isEqualTo(121.4286);
    assertThat(turned(85, BROADCAST, DRILL)).isEqualTo(59.5);
    assertThat(turned(85, DRILL, DRILL)).isEqualTo(85);
  }

  @Test
  void staysWithinWhatCanBeSeeded() {
    double most = PlanLimits.mostKgPerHa(RYE);
    double least = PlanLimits.leastKgPerHa(RYE);
    assertThat(turned(most, DRILL, BROADCAST)).isEqualTo(most);
    assertThat(turned(least, BROADCAST, DRILL)).isEqualTo(least);
  }
}
