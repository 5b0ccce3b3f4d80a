package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.units.Reason;

/** A rescue where cover or weeds live on between the rows of a crop that is up. */
abstract class RescueMethod extends EndingMethod {
  RescueMethod(String key) {
    super(EndingTraits.shipped(key));
  }

  @Override
  public final boolean rescues() {
    return true;
  }

  @Override
  public final List<Ending> acts(LocalDate on) {
    return List.of();
  }

  @Override
  protected final WatchList.Item watch(WatchList.Ended e) {
    return WatchList.clumps(e);
  }

  /** What holds for every rescue. */
  final void rescue(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    found.range(traits().lag().firstEnd(plant), traits().lag().lastEnd(plant));
    found.ready(0);
    if (field.next().kind() == NextCrop.Kind.OTHER) {
      found.no(Reason.of("only crops in wide rows leave room"));
    } else {
      found.care(Reason.of("a rescue where cover or weeds live on between rows; not a plan"));
    }
  }
}
