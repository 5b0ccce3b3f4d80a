package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Hours of someone on a day, as {@code work_item}, runs and keepings keep them. */
record StoredShift(LocalDate day, @Nullable String person, double hours) {
  static List<StoredShift> all(List<WorkViews.Shift> shifts) {
    return shifts.stream().map(s -> new StoredShift(s.day(), s.person(), s.hours())).toList();
  }

  static List<WorkViews.Shift> views(List<StoredShift> shifts) {
    return shifts.stream().map(s -> new WorkViews.Shift(s.day(), s.person(), s.hours())).toList();
  }
}
