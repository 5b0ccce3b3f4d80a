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

  @Test
  void theLastDayIsTheLastOnThatIsKept() {
    for (InsurerZone zone : EndingRules.shipped().zones()) {
      for (int up : new int[] {4, 8, 15}) {
        LocalDate last = zone.lastDay(PLANT, up);
        assertThat(zone.kept(last, PLANT, up)).as(zone.zone()).isTrue();
        assertThat(zone.kept(last.plusDays(1), PLANT, up)).as(zone.zone()).isFalse();
      }
    }
  }
}
