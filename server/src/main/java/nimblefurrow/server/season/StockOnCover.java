package nimblefurrow.server.season;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.worklog.SeasonLog;

/** Animals on a cover, and days that keep them off: told by whoever keeps the groups. */
public interface StockOnCover {
  /**
   * What is looked at.
   *
   * @param planId of the stored cover
   * @param cover as it is meant, with the days it stands
   * @param areaHa of the field
   * @param grazed whether its ending feeds animals
   * @param log what was written down
   * @param record weather that was seen
   */
  record Ground(
      UUID planId,
      CoverPlan cover,
      double areaHa,
      boolean grazed,
      SeasonLog log,
      DailyWeather record) {}

  /** Stays, and days on which no animal may be there; nothing where nobody means to graze. */
  List<FieldSeasonView.Limit> of(UUID farmId, Ground ground);
}
