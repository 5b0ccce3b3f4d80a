package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** What was sprayed binds the day of seeding, to the day. */
class CarryOverTest {
  private static final LocalDate SPRAYED = LocalDate.of(2026, 6, 1);
  private static final CarryOver TABLE = CarryOver.shipped();
  private final Species rye = SpeciesTable.shipped().get("cereal_rye");
  private final Species vetch = SpeciesTable.shipped().get("hairy_vetch");

  private static List<CarryOver.Sprayed> sprayed(String residual) {
    return List.of(new CarryOver.Sprayed(residual, SPRAYED));
  }

  @Test
  void theWaitIsOverOnTheFirstDayWithoutRisk() {
    for (CarryOver.Row row : TABLE.rows()) {
      for (Species s : List.of(rye, vetch)) {
        if (row.family() != s.family()) {
          continue;
        }
        List<CarryOver.Sprayed> one = sprayed(row.residual());
        CarryOver.Wait wait = TABLE.waits(one, List.of(s)).get(0);
        assertThat(wait.from()).isEqualTo(SPRAYED);
        assertThat(wait.until()).isEqualTo(SPRAYED.plusDays(row.waitDays()));
        assertThat(TABLE.risks(one, List.of(s), wait.until())).isEmpty();
        assertThat(TABLE.risks(one, List.of(s), wait.until().minusDays(1)))
            .singleElement()
            .satisfies(r -> assertThat(r.say(UnitSystem.US)).contains(s.name(), row.risk()));
      }
    }
  }

  @Test
  void aMixWaitsForItsSlowestAndOtherFamiliesDoNotWait() {
    CarryOver.Wait both = TABLE.waits(sprayed("triazine"), List.of(rye, vetch)).get(0);
    assertThat(both.species()).isEqualTo(vetch);
    assertThat(both.until()).isEqualTo(SPRAYED.plusDays(180));
    assertThat(TABLE.waits(sprayed("triazine"), List.of(rye)).get(0).until())
        .isEqualTo(SPRAYED.plusDays(90));
    assertThat(TABLE.waits(sprayed("bleacher"), List.of(rye))).isEmpty();
    assertThat(TABLE.waits(sprayed("nothing known"), List.of(rye))).isEmpty();
    assertThat(TABLE.waits(List.of(), List.of(rye))).isEmpty();
  }
}
