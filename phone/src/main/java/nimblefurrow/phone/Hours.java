package nimblefurrow.phone;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import nimblefurrow.core.hours.Hour;
import nimblefurrow.core.hours.WorkHours;

/** Hours of a farm on the ground of one of its fields. */
final class Hours {
  private Hours() {}

  /**
   * {@return what goes in each hour, and what limits it, as the server's hours of a field have it}
   *
   * @param q {@code hourly} weather in columns, {@code topSoilWetness} before the first hour, and
   *     {@code from}, the first hour that is judged
   */
  static Answer of(Question q) {
    Question c = q.part("hourly");
    WorkHours hours =
        WorkHours.of(
            new WorkHours.Hourly(
                c.column("tempC"),
                c.column("dewPointC"),
                c.column("windMPerS"),
                c.column("gustMPerS"),
                c.column("rainMm"),
                c.column("solarWPerM2"),
                c.column("soilTempC")),
            q.number("topSoilWetness"));
    List<Answer> all = new ArrayList<>();
    for (int i = (int) q.or("from", 0); i < hours.hours().size(); i++) {
      Hour h = hours.hours().get(i);
      all.add(
          new Answer()
              .with("stemWetnessMm", h.stemWetnessMm())
              .with("topSoilWetness", h.topSoilWetness())
              .with("rolling", judged(hours::rolling, i))
              .with("spraying", judged(hours::spraying, i))
              .with("air", judged(hours::air, i))
              .with("drilling", judged(hours::drilling, i)));
    }
    return new Answer().with("hours", all);
  }

  private static Answer judged(IntFunction<WorkHours.Judged> judge, int i) {
    WorkHours.Judged j = judge.apply(i);
    return new Answer().with("verdict", j.verdict().key()).with("limit", j.limit());
  }
}
