package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.GrowingRun;
import nimblefurrow.core.season.SeasonRun;

/**
 * Every year of a plan left to grow, from which the ways of ending it go on. Immutable.
 *
 * @param years each year's run
 * @param seededOn the day seed goes out in each
 */
public record GrowingYears(List<GrowingRun> years, List<LocalDate> seededOn) {

  /** {@return every year, left to grow} */
  public List<SeasonRun> runs() {
    return years.stream().map(GrowingRun::run).toList();
  }

  /**
   * {@return every year ended so}
   *
   * @param acts how the cover ends
   */
  public List<SeasonRun> ended(List<Ending> acts) {
    return IntStream.range(0, years.size())
        .mapToObj(y -> years.get(y).ended(Forecaster.after(seededOn.get(y), acts)))
        .toList();
  }

  /** Every year as a purpose is read from it: ended where it hangs on that. */
  List<SeasonRun> runsFor(Purpose purpose, List<Ending> acts) {
    return purpose.hangsOnEnding() ? ended(acts) : runs();
  }
}
