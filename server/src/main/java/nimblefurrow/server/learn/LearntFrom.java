package nimblefurrow.server.learn;

import java.util.List;
import nimblefurrow.core.learn.FarmLearning;
import nimblefurrow.server.farm.FarmView;

/** Records that tell of forecasts, from whoever made those. */
public interface LearntFrom {
  /**
   * What was said and what was seen on a farm; what was said is without any correction, so that no
   * implementation may ask for one.
   */
  List<FarmLearning.Seen> seen(FarmView farm);
}
