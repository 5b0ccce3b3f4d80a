package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.units.Reason;

/** A way of ending that does not ship: what a new file has to say, and no more. */
public final class TriedEnding extends EndingMethod {
  /** Cut by steam, five to nine days ahead. */
  public TriedEnding() {
    super(
        new EndingTraits(
            "steam", "steam it", MachineWork.MOW, new PlantingLag(5, 9, 6), "steam, slowly", 210));
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    found.range(traits().lag().firstEnd(plant), traits().lag().lastEnd(plant));
    found.fits(Reason.of("steam ends what it reaches"));
    found.warn(Reason.of("steam scalds: keep people away"));
  }

  @Override
  public List<Ending> acts(LocalDate on) {
    return List.of(new Ending.Cut(on, 5, false));
  }

  @Override
  protected WatchList.Item watch(WatchList.Ended e) {
    return WatchList.item(
        "steamed", e.endOn().plusDays(3), e.endOn().plusDays(6), "look for green", "cold spots");
  }
}
