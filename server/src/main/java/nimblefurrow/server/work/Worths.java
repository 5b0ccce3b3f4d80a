package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.WorkWorth;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.work.GoalShares;
import nimblefurrow.core.work.WorkField;
import nimblefurrow.core.work.WorkSpan;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.Memory;
import nimblefurrow.server.weather.WeatherStamp;
import org.springframework.stereotype.Component;

/**
 * Shares of goals by day, each run through the model once: the same plan is asked after, walked
 * through all years and laid out again many times a day.
 */
@Component
class Worths {
  private static final long KEY_BYTES = 600;

  private final Forecaster forecaster;
  private final Memory memory;

  Worths(PlannedFields planned, Memory memory) {
    forecaster = planned.forecaster();
    this.memory = memory;
  }

  private record Seeding(
      WeatherStamp stamp,
      CashCrop crop,
      CoverPlan cover,
      SeedingMethod method,
      Purpose purpose,
      WorkSpan span,
      LocalDate opens,
      LocalDate closes)
      implements WeatherStamp.Stamped {}

  private record Ending(
      WeatherStamp stamp,
      CashCrop crop,
      CoverPlan cover,
      EndingMethod method,
      Purpose purpose,
      WorkSpan span,
      LocalDate from,
      LocalDate to)
      implements WeatherStamp.Stamped {}

  private static long bytes(double[] shares) {
    return KEY_BYTES + (long) shares.length * Double.BYTES;
  }

  /** Of some fields, each under its own weather. */
  GoalShares of(List<PlannedField> fields) {
    Map<UUID, WeatherStamp> stamps =
        fields.stream()
            .collect(Collectors.toMap(f -> f.field().id(), f -> f.weather().stamp(), (a, b) -> a));
    return new Remembered(stamps);
  }

  private final class Remembered implements GoalShares {
    private final Map<UUID, WeatherStamp> stamps;

    Remembered(Map<UUID, WeatherStamp> stamps) {
      this.stamps = stamps;
    }

    @Override
    public double[] seeding(
        WorkField f, SeedingMethod method, WorkSpan span, LocalDate opens, LocalDate closes) {
      WorkField.Covered c = Objects.requireNonNull(f.covered());
      return memory.get(
          new Seeding(
              stamp(f), f.crop().crop(), c.plan(), method, c.purpose(), span, opens, closes),
          Worths::bytes,
          k ->
              WorkWorth.seeding(
                  forecaster,
                  c.plan(),
                  method,
                  f.crop(),
                  c.purpose(),
                  span.start(),
                  span.days(),
                  opens,
                  closes));
    }

    @Override
    public double[] ending(
        WorkField f, EndingMethod method, WorkSpan span, LocalDate from, LocalDate to) {
      WorkField.Covered c = Objects.requireNonNull(f.covered());
      return memory.get(
          new Ending(stamp(f), f.crop().crop(), c.plan(), method, c.purpose(), span, from, to),
          Worths::bytes,
          k ->
              WorkWorth.ending(
                  forecaster,
                  c.plan(),
                  f.crop(),
                  c.purpose(),
                  method,
                  span.start(),
                  span.days(),
                  from,
                  to));
    }

    private WeatherStamp stamp(WorkField f) {
      return Objects.requireNonNull(stamps.get(f.id()));
    }
  }
}
