package nimblefurrow.core.ending;

import java.util.List;
import nimblefurrow.core.units.Reason;

/** A narrow roller or mower between the rows of a crop that is up. */
final class RollBetweenRows extends RescueMethod {
  RollBetweenRows() {
    super("betweenRows");
  }

  @Override
  public List<Reason> safety() {
    return Dangers.TURNING_SHAFTS;
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    rescue(field, found);
    found.because(
        Reason.of("the crop must be short enough to pass under; same rows, with steering"));
  }
}
