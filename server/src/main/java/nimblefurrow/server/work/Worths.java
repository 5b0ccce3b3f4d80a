package nimblefurrow.server.work;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import nimblefurrow.core.ending.EndingWay;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.WorkWorth;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.server.season.PlannedFields;
import org.springframework.stereotype.Component;

/**
 * Shares of goals by day, each run through the model once: the same plan is asked after, walked
 * through all years and laid out again many times a day. Crops stand for their weather, by
 * identity.
 */
@Component
class Worths {
  private static final int MOST = 4000;

  private final Forecaster forecaster;
  private final Cache<Seeding, double[]> seedings = Caffeine.newBuilder().maximumSize(MOST).build();
  private final Cache<Ending, double[]> endings = Caffeine.newBuilder().maximumSize(MOST).build();

  Worths(PlannedFields planned) {
    forecaster = planned.forecaster();
  }

  private record Seeding(
      CropSeasons crop,
      CoverPlan cover,
      SeedingMethod method,
      Purpose purpose,
      LocalDate start,
      int days,
      LocalDate opens,
      LocalDate closes) {}

  private record Ending(
      CropSeasons crop,
      CoverPlan cover,
      EndingWay way,
      Purpose purpose,
      LocalDate start,
      int days,
      LocalDate from,
      LocalDate to) {}

  /** By the day of seeding. */
  double[] seeding(
      JobFrame frame,
      CoverPlan cover,
      SeedingMethod method,
      CropSeasons crop,
      Purpose purpose,
      LocalDate opens,
      LocalDate closes) {
    return seedings.get(
        new Seeding(crop, cover, method, purpose, frame.start(), frame.days(), opens, closes),
        k ->
            WorkWorth.seeding(
                forecaster, cover, method, crop, purpose, k.start(), k.days(), opens, closes));
  }

  /** By the day of ending. */
  double[] ending(
      JobFrame frame,
      CoverPlan cover,
      EndingWay way,
      CropSeasons crop,
      Purpose purpose,
      LocalDate from,
      LocalDate to) {
    return endings.get(
        new Ending(crop, cover, way, purpose, frame.start(), frame.days(), from, to),
        k ->
            WorkWorth.ending(forecaster, cover, crop, purpose, way, k.start(), k.days(), from, to));
  }
}
