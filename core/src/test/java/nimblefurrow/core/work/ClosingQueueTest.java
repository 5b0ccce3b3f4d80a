package nimblefurrow.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.work.ClosingQueue.Task;
import org.junit.jupiter.api.Test;

class ClosingQueueTest {
  private static final LocalDate TENTH = LocalDate.of(2026, 10, 10);

  @Test
  void oneFieldMayBeBegunAsLateAsItsHoursAllow() {
    assertThat(by(d -> 10, task("a", TENTH, 10))).containsEntry("a", TENTH);
    assertThat(by(d -> 10, task("a", TENTH, 10.5))).containsEntry("a", TENTH.minusDays(1));
    assertThat(by(d -> 10, task("a", TENTH, 25))).containsEntry("a", TENTH.minusDays(2));
  }

  @Test
  void fieldsThatCloseLaterPushTheOnesBeforeThemForward() {
    assertThat(by(d -> 10, task("first", TENTH, 5), task("later", TENTH.plusDays(1), 18)))
        .as("8 h of the later one lie on the 10th: 2 are left for the first, 3 on the 9th")
        .containsEntry("later", TENTH)
        .containsEntry("first", TENTH.minusDays(1));
    assertThat(by(d -> 10, task("first", TENTH, 2), task("later", TENTH.plusDays(1), 18)))
        .containsEntry("first", TENTH);
    assertThat(by(d -> 10, task("first", TENTH, 5), task("later", TENTH.plusDays(9), 18)))
        .as("far enough apart they do not touch")
        .containsEntry("first", TENTH);
  }

  @Test
  void daysWithoutTheMachineDoNotCount() {
    assertThat(by(d -> d.isAfter(TENTH.minusDays(4)) ? 0 : 10, task("a", TENTH, 10)))
        .containsEntry("a", TENTH.minusDays(4));
    assertThat(
            by(
                d -> d.getDayOfWeek() == DayOfWeek.SUNDAY ? 0 : 10,
                task("a", TENTH.plusDays(2), 30)))
        .as("Monday, Saturday, Friday")
        .containsEntry("a", TENTH.minusDays(1));
    assertThat(by(d -> 0, task("a", TENTH, 1))).isEmpty();
  }

  @Test
  void theFirstThatCannotBeReachedIsNamed() {
    ClosingQueue queue =
        queue(
            d -> 10,
            task("b", TENTH.plusDays(1), 16),
            task("a", TENTH, 5),
            task("c", TENTH.plusDays(8), 10));
    assertThat(queue.hours()).isEqualTo(31);
    assertThat(queue.firstLate(TENTH.minusDays(1))).isEmpty();
    assertThat(queue.firstLate(TENTH)).map(Task::id).contains("b");
    assertThat(queue.firstLate(TENTH.plusDays(1))).map(Task::id).contains("a");
  }

  /**
   * Whoever begins the first of them by its day reaches all; whoever begins a day later does not.
   */
  @Test
  void bothReckoningsAgreeOnAnyQueue() {
    Random random = new Random(4);
    for (int round = 0; round < 300; round++) {
      List<Task> tasks = new ArrayList<>();
      for (int i = 0; i < 1 + random.nextInt(8); i++) {
        tasks.add(
            task("t" + i, TENTH.plusDays(random.nextInt(12)), 0.5 + random.nextInt(40) / 2.0));
      }
      int off = random.nextInt(7);
      ClosingQueue queue =
          new ClosingQueue(tasks, d -> d.getDayOfWeek().getValue() - 1 == off ? 0 : 10);
      LocalDate by = queue.beginBy().values().stream().min(LocalDate::compareTo).orElseThrow();
      assertThat(queue.firstLate(by)).isEmpty();
      assertThat(queue.firstLate(by.plusDays(1))).as("a day less, with %s", tasks).isPresent();
    }
  }

  private static Map<String, LocalDate> by(ToDoubleFunction<LocalDate> hours, Task... tasks) {
    return queue(hours, tasks).beginBy();
  }

  private static ClosingQueue queue(ToDoubleFunction<LocalDate> hours, Task... tasks) {
    return new ClosingQueue(List.of(tasks), hours);
  }

  private static Task task(String id, LocalDate closes, double hours) {
    return new Task(id, closes, hours);
  }
}
