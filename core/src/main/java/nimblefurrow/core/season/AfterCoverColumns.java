package nimblefurrow.core.season;

import java.time.LocalDate;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.weather.Sky;

/** The ground behind another cover, day by day: that cover until it is ended, open ground then. */
final class AfterCoverColumns {
  private AfterCoverColumns() {}

  /**
   * Runs the cover before, and what it followed, under the same sky.
   *
   * @throws Refused when the sky begins after that cover's season
   */
  static CropColumns follow(CashCrop.AfterCover after, Sky sky, ModelParameters parameters) {
    SeasonModel model = new SeasonModel(parameters);
    SeasonPlan before = after.before();
    SeasonState left = model.until(sky, model.crop(before.crop(), sky), before, after.endedOn());
    return behind(left, after.endedOn(), sky);
  }

  /** Open ground from the day after a cover was ended. */
  static CropColumns behind(SeasonState left, LocalDate endedOn, Sky sky) {
    CropColumns columns = new CropColumns(sky.weather().days(), -1);
    columns.harvest = Math.max(0, sky.weather().indexOf(endedOn));
    columns.begin = left.cleared();
    return columns;
  }
}
