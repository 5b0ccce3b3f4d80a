package nimblefurrow.server.work;

import java.time.LocalDate;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.WorkWorth;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
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
      LocalDate start,
      int days,
      LocalDate opens,
      LocalDate closes)
      implements WeatherStamp.Stamped {}

  private record Ending(
      WeatherStamp stamp,
      CashCrop crop,
      CoverPlan cover,
      EndingMethod way,
      Purpose purpose,
      LocalDate start,
      int days,
      LocalDate from,
      LocalDate to)
      implements WeatherStamp.Stamped {}

  private static long bytes(double[] shares) {
    return KEY_BYTES + (long) shares.length * Double.BYTES;
  }

  /** By the day of seeding. */
  double[] seeding(
      JobFrame frame,
      CoverPlan cover,
      SeedingMethod method,
      PlannedField f,
      Purpose purpose,
      LocalDate opens,
      LocalDate closes) {
    return memory.get(
        new Seeding(
            f.weather().stamp(),
            f.crop().crop(),
            cover,
            method,
            purpose,
            frame.start(),
            frame.days(),
            opens,
            closes),
        Worths::bytes,
        k ->
            WorkWorth.seeding(
                forecaster, cover, method, f.crop(), purpose, k.start(), k.days(), opens, closes));
  }

  /** By the day of ending. */
  double[] ending(
      JobFrame frame,
      CoverPlan cover,
      EndingMethod way,
      PlannedField f,
      Purpose purpose,
      LocalDate from,
      LocalDate to) {
    return memory.get(
        new Ending(
            f.weather().stamp(),
            f.crop().crop(),
            cover,
            way,
            purpose,
            frame.start(),
            frame.days(),
            from,
            to),
        Worths::bytes,
        k ->
            WorkWorth.ending(
                forecaster, cover, f.crop(), purpose, way, k.start(), k.days(), from, to));
  }
}
