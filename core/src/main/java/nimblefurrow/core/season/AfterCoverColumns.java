package nimblefurrow.core.season;

import java.time.LocalDate;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.weather.Sky;

/** The ground behind another cover, day by day: that cover until it is ended, open ground then. */
final class AfterCoverColumns {
  private AfterCoverColumns() {}

  /**
   * Runs the cover before under the same sky.
   *
   * @throws Refused when the sky begins after that cover's season
   */
  static CropColumns follow(CashCrop.AfterCover after, Sky sky, ModelParameters parameters) {
    return follow(after, sky, sky, parameters);
  }

  /**
   * Runs the cover before under its own season's sky, which may begin earlier.
   *
   * @param earlier the sky over the cover before, up to the day it is ended
   * @param sky the sky over what follows
   */
  static CropColumns follow(
      CashCrop.AfterCover after, Sky earlier, Sky sky, ModelParameters parameters) {
    SeasonModel model = new SeasonModel(parameters);
    SeasonPlan before = after.before();
    SeasonState left =
        model.until(earlier, model.crop(before.crop(), earlier), before, after.endedOn());
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
