package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** Turn it under, or stir it in. */
final class Till extends EndingMethod {
  /** Water lost from stirred ground, mm a pass. Working value. */
  private static final double DRIES_MM = 12;

  Till() {
    super(EndingTraits.shipped("till"));
  }

  @Override
  public boolean stirs() {
    return true;
  }

  @Override
  public List<Ending> acts(LocalDate on) {
    return List.of(Ending.Till.usual(on));
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    found.range(traits().lag().firstEnd(plant), traits().lag().lastEnd(plant));
    found.care(
        Reason.of("kills in one or two passes and costs the {cover} of cover on top")
            .with("cover", field.coverOn(found.middle()).median(), Unit.MG_PER_HA));
    found.because(
        Reason.of("each pass dries the ground by about {water}, and no mulch keeps the rest in")
            .with("water", DRIES_MM, Unit.MM));
    if (field.grassBeforeCorn()) {
      found.because(Reason.of("turned under, grass ties up nitrogen under the corn all the same"));
    }
  }

  @Override
  protected WatchList.Item watch(WatchList.Ended e) {
    return WatchList.clumps(e);
  }
}
