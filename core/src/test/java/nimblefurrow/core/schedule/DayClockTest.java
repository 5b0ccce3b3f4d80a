package nimblefurrow.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nimblefurrow.core.schedule.DayClock.Stint;
import nimblefurrow.core.schedule.DayClock.Timed;
import org.junit.jupiter.api.Test;

/** A day on the clock. */
class DayClockTest {
  private static Stint stint(String key, String machine, String person, double hours) {
    return new Stint(key, machine, person, hours, false, false, 7);
  }

  private static Timed of(List<Timed> day, String key) {
    return day.stream().filter(t -> t.stint().key().equals(key)).findFirst().orElseThrow();
  }

  @Test
  void aMachineDoesOneAfterAnotherAndWhatWasBegunComesFirst() {
    Stint over = new Stint("over", "drill", "Ada", 2, true, false, 7);
    Stint on = new Stint("on", "drill", "Ada", 3, false, true, 7);
    List<Timed> day = DayClock.of(List.of(on, stint("short", "drill", "Ada", 1.5), over));
    assertThat(day).extracting(t -> t.stint().key()).containsExactly("over", "short", "on");
    assertThat(of(day, "over").from()).isEqualTo(7);
    assertThat(of(day, "short").from()).isEqualTo(9);
    assertThat(of(day, "on").to()).isCloseTo(13.5, within(1e-9));
  }

  @Test
  void nobodyRunsTwoMachinesAtOnce() {
    List<Timed> day =
        DayClock.of(
            List.of(
                stint("a", "drill", "Ada", 4),
                stint("b", "sprayer", "Ada", 2),
                stint("c", "combine", "Ben", 6),
                stint("d", "sprayer", null, 1)));
    assertThat(of(day, "b").from()).isGreaterThanOrEqualTo(of(day, "a").to());
    assertThat(of(day, "c").from()).isEqualTo(7);
    assertThat(of(day, "d").from()).as("behind what its machine waits for").isEqualTo(13);
  }

  @Test
  void workThatGoesLaterInTheDayBeginsThen() {
    Stint roll = new Stint("roll", "roller", "Ada", 3, false, false, 11.5);
    List<Timed> day = DayClock.of(List.of(roll, stint("drill", "drill", "Ada", 2)));
    assertThat(of(day, "roll").from()).isEqualTo(11.5);
    assertThat(of(day, "drill").from()).as("the driver has the morning").isEqualTo(7);
  }
}
