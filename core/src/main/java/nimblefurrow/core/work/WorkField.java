package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.count.KillSeen;
import nimblefurrow.core.count.WeedsSeen;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.weather.Climate;
import org.jspecify.annotations.Nullable;

/**
 * A field as far as work on it is reckoned, once for each cover of the season that is not over.
 *
 * @param id of the field
 * @param name in the farm's words
 * @param ours whether it is the farm's own: others combine and plant with machines of their own
 * @param areaHa of the field
 * @param organic whether it is
 * @param cropKey key of its cash crop, as harvest losses know it
 * @param place where it lies
 * @param climate of the place
 * @param crop the cash crop's years
 * @param next the next crop
 * @param standing how it stands today
 * @param link id of the cover where it stands behind another of the same season, which its jobs
 *     carry in their names; null for the first
 * @param covered the cover; null where none is planned, or it was not seeded while it could be
 */
public record WorkField(
    UUID id,
    String name,
    boolean ours,
    double areaHa,
    boolean organic,
    String cropKey,
    Place place,
    Climate climate,
    CropSeasons crop,
    NextCrop next,
    FieldStanding standing,
    @Nullable UUID link,
    @Nullable Covered covered) {

  /** Where a field lies, km east and north of the middle of the farm. */
  public record Place(double xKm, double yKm) {}

  /**
   * A cover as it counts today.
   *
   * @param plan the cover
   * @param ending how it is meant to end
   * @param purpose the first reason for it
   * @param killed the last count of what its ending killed; null where none was made since, or what
   *     was alive has been seen to
   * @param weeds the last rating of weeds in the crop behind it; null likewise
   */
  public record Covered(
      CoverPlan plan,
      EndingMethod ending,
      Purpose purpose,
      @Nullable KillSeen killed,
      @Nullable WeedsSeen weeds) {}

  /** A count that found too much alive; null where there is none. */
  @Nullable KillSeen survivors() {
    KillSeen killed = covered == null ? null : covered.killed();
    LocalDate ended = endedOn();
    if (killed == null || ended == null) {
      return null;
    }
    return killed.poor() && !killed.on().isBefore(ended) ? killed : null;
  }

  /** A rating of weeds that asks for a rescue; null where there is none. */
  @Nullable WeedsSeen weedy() {
    WeedsSeen weeds = covered == null ? null : covered.weeds();
    return weeds == null || endedOn() == null || !weeds.rescue() ? null : weeds;
  }

  /** The middle day on which the crop is off. */
  LocalDate clear() {
    return crop.day(crop.harvest().median());
  }

  boolean hasCrop() {
    return !(crop.crop() instanceof CashCrop.None || crop.crop() instanceof CashCrop.AfterCover);
  }

  /** Whether a chopper takes the crop off. */
  boolean silage() {
    return crop.crop() instanceof CashCrop.Corn corn && corn.silage();
  }

  /** The day its cover was ended, when that is written down. */
  @Nullable LocalDate endedOn() {
    DeedStanding ending = standing.ending();
    return ending.state() == DeedStanding.State.LOGGED ? ending.day() : null;
  }
}
