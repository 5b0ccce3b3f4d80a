package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** Mow it close: a last resort. */
final class Mow extends EndingMethod {
  /** Chopped cover rots about half as fast again as cover that lies whole. Working value. */
  private static final double LEFT_AFTER_A_MONTH = 0.6;

  /** So little is not worth a sentence, Mg/ha. */
  private static final double NOTHING_MG = 0.1;

  private static final double STUBBLE_CM = 10;

  Mow() {
    super(EndingTraits.shipped("mow"));
  }

  @Override
  public List<Reason> safety() {
    return Dangers.TURNING_SHAFTS;
  }

  @Override
  public List<Ending> acts(LocalDate on) {
    return List.of(new Ending.Cut(on, STUBBLE_CM, false));
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    found.range(traits().lag().firstEnd(plant), traits().lag().lastEnd(plant));
    found.care(Reason.of("last resort: what is cut before it heads grows again, mulch rots fast"));
    double cover = field.coverOn(found.middle()).median();
    if (cover >= NOTHING_MG) {
      found.because(
          Reason.of("of {cover} cut about {left} still lies four weeks on: chopped, it rots faster")
              .with("cover", cover, Unit.MG_PER_HA)
              .with("left", LEFT_AFTER_A_MONTH * cover, Unit.MG_PER_HA));
    }
  }

  @Override
  protected WatchList.Item watch(WatchList.Ended e) {
    return WatchList.regrowth(e);
  }
}
