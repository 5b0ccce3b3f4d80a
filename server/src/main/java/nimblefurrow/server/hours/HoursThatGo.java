package nimblefurrow.server.hours;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import nimblefurrow.core.hours.WorkHours;
import nimblefurrow.core.units.Refused;
import org.springframework.stereotype.Component;

/** On which hours of a day each kind of work goes, as far as the hours are known. */
@Component
public class HoursThatGo {
  private final HoursService hours;

  HoursThatGo(HoursService hours) {
    this.hours = hours;
  }

  /** From one full hour to another. */
  public record Span(int from, int to) {}

  /** By kind of work; empty where none goes, or where nobody knows. */
  public record Day(
      boolean known, List<Span> rolling, List<Span> spraying, List<Span> air, List<Span> ground) {
    /** A day of which no hours are known. */
    static final Day UNKNOWN = new Day(false, List.of(), List.of(), List.of(), List.of());
  }

  /** Of a farm's day, for the usual ground. */
  public Day on(UUID farmId, LocalDate day) {
    List<HoursService.HourView> all;
    try {
      all =
          hours.fromDays(farmId, null).hours().stream()
              .filter(h -> h.time().toLocalDate().equals(day))
              .toList();
    } catch (Refused noWeatherAhead) {
      return Day.UNKNOWN;
    }
    return all.isEmpty()
        ? Day.UNKNOWN
        : new Day(
            true,
            spans(all, HoursService.HourView::rolling),
            spans(all, HoursService.HourView::spraying),
            spans(all, HoursService.HourView::air),
            spans(all, HoursService.HourView::drilling));
  }

  /** Hours with care go too; those that do not are left out. */
  private static List<Span> spans(
      List<HoursService.HourView> hours,
      Function<HoursService.HourView, HoursService.WorkHour> work) {
    List<Span> spans = new ArrayList<>();
    int from = -1;
    for (int i = 0; i <= hours.size(); i++) {
      boolean goes = i < hours.size() && work.apply(hours.get(i)).verdict() != WorkHours.Verdict.NO;
      if (goes && from < 0) {
        from = i;
      } else if (!goes && from >= 0) {
        spans.add(new Span(from, i));
        from = -1;
      }
    }
    return spans;
  }
}
