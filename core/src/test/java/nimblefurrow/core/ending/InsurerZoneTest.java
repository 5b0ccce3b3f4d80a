package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** The insurer's date, to the day. */
class InsurerZoneTest {
  private static final LocalDate PLANT = LocalDate.of(2027, 5, 10);

  @Test
  void soManyDaysAfterPlantingAreTheLast() {
    InsurerZone zone = new InsurerZone("3", 7, false, "within 7 days");
    assertThat(zone.kept(PLANT.plusDays(7), PLANT, 5)).isTrue();
    assertThat(zone.kept(PLANT.plusDays(8), PLANT, 5)).isFalse();
    assertThat(zone.say(PLANT.plusDays(9), PLANT, 5).say(UnitSystem.US)).contains("by 2 days");
  }

  @Test
  void beforeTheCropIsUpMeansTheDayBefore() {
    InsurerZone zone = new InsurerZone("4", 7, true, "before it is up");
    assertThat(zone.kept(PLANT.plusDays(4), PLANT, 5)).isTrue();
    assertThat(zone.kept(PLANT.plusDays(5), PLANT, 5)).isFalse();
    assertThat(zone.kept(PLANT.plusDays(8), PLANT, 12)).isFalse();
  }
}
