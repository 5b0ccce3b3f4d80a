package nimblefurrow.core.chain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.Shed;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.machine.Machine;
import org.junit.jupiter.api.Test;

/** What a cover costs, part by part. */
class LinkCostTest {
  private static final EndingRules RULES = EndingRules.shipped();
  private static final List<CoverComponent> MIX =
      List.of(Farm.seed("cereal_rye", 60), Farm.seed("hairy_vetch", 20));

  private static LinkCost cost(List<Machine> shed) {
    return LinkCost.of(MIX, Seedings.DRILL, Endings.ROLL_PLANT, 20, shed, RULES);
  }

  @Test
  void seedIsEachSpeciesAtItsPriceAndTheEndingWhatTheFarmSays() {
    LinkCost c = cost(List.of());
    double rye = Farm.species("cereal_rye").seedUsdPerKg();
    double vetch = Farm.species("hairy_vetch").seedUsdPerKg();
    assertThat(c.seed()).isCloseTo(60 * rye + 20 * vetch, within(1e-9));
    assertThat(c.ending()).isEqualTo(RULES.cost(Endings.ROLL_PLANT).usdPerHa()).isPositive();
    assertThat(c.seeding()).as("no machine of the shed drills").isNull();
    assertThat(c.all()).isEqualTo(c.seed() + c.ending());
  }

  @Test
  void thePassIsThatOfTheFirstMachineThatSeedsSo() {
    Machine spreader = Shed.seeder(Seedings.BROADCAST);
    Machine drill = Shed.seeder(Seedings.DRILL);
    LinkCost c = cost(List.of(spreader, drill));
    double hours = drill.seedingHours(20, MIX);
    assertThat(c.seeding()).isCloseTo(60 * hours / 20, within(1e-9));
    assertThat(c.all()).isCloseTo(c.seed() + 60 * hours / 20 + c.ending(), within(1e-9));
    assertThat(cost(List.of(spreader)).seeding()).isNull();
  }
}
