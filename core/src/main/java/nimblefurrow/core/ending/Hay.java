package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/** Cut for hay or wrapped bales at boot; what regrows is ended another way after. */
final class Hay extends EndingMethod {
  /** Fit to cut: boot in cereals, early bloom elsewhere, as fractions of the key stage. */
  private static final double EARLY_BLOOM = 0.82;

  /** Less is not worth mowing, Mg/ha. Working value. */
  private static final double WORTH_MOWING_MG = 2;

  private static final int STAYS_FIT_DAYS = 12;
  private static final double HALF = 0.5;
  private static final double STUBBLE_CM = 8;

  Hay() {
    super(EndingTraits.shipped("hay"));
  }

  @Override
  public boolean feeds() {
    return true;
  }

  @Override
  public boolean baled() {
    return true;
  }

  @Override
  public List<Reason> safety() {
    return Dangers.TURNING_SHAFTS;
  }

  @Override
  public List<Ending> acts(LocalDate on) {
    return List.of(new Ending.Cut(on, STUBBLE_CM, true));
  }

  @Override
  public LocalDate endOn(EndingOption option, LocalDate plant, PlantingLag lag) {
    return option.from();
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    Spread boot = field.ripe(s -> s.clock().scale().cereal() ? SprayMethod.BOOT : EARLY_BLOOM);
    LocalDate from = field.day(boot.median());
    found.range(from, from.plusDays(STAYS_FIT_DAYS));
    LocalDate last = traits().lag().lastEnd(field.next().plantOn());
    int ready = boot.atMost(field.crop().count(last));
    found.ready(ready);
    Reason odds =
        Reason.of("fit to cut from {from}; {days} before planting in {ready} of {all} years")
            .with("from", from)
            .with("days", traits().lag().least(), Unit.DAYS)
            .with("ready", ready, Unit.COUNT)
            .with("all", field.years(), Unit.COUNT);
    double cover = field.coverOn(found.middle()).median();
    if (cover < WORTH_MOWING_MG) {
      found.no(
          Reason.of("only {cover} to cut in the middle year").with("cover", cover, Unit.MG_PER_HA));
    } else if (ready >= HALF * field.years()) {
      found.care(odds);
    } else {
      found.no(odds);
    }
    found.warn(Reason.of("stubble regrows: end it one of the other ways after"));
  }

  @Override
  protected WatchList.Item watch(WatchList.Ended e) {
    return WatchList.regrowth(e);
  }
}
