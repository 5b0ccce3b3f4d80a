package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** Cattle take it off; what regrows is ended another way after. */
final class Graze extends EndingMethod {
  /** Less is not worth fence and water, Mg/ha. Working value. */
  private static final double WORTH_FENCING_MG = 1.5;

  private static final int GRAZING_DAYS = 21;
  private static final Pattern HURTS = Pattern.compile("bloat|nitrate|prussic");

  Graze() {
    super(EndingTraits.shipped("graze"));
  }

  @Override
  public List<Reason> safety() {
    return Dangers.GRAZING;
  }

  @Override
  public boolean feeds() {
    return true;
  }

  @Override
  public List<Ending> acts(LocalDate on) {
    return List.of(Ending.Graze.usual(on.minusDays(GRAZING_DAYS - 1), on));
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    LocalDate last = traits().lag().lastEnd(plant);
    found.range(traits().lag().firstEnd(plant), last);
    found.ready(field.years(r -> EndingField.coverOn(r, last) >= WORTH_FENCING_MG));
    double feed = field.coverOn(found.middle()).median();
    if (feed >= WORTH_FENCING_MG) {
      found.care(
          Reason.of("{feed} of feed in the middle year; needs fence and water")
              .with("feed", feed, Unit.MG_PER_HA));
    } else {
      found.no(
          Reason.of("only {feed} of feed in the middle year").with("feed", feed, Unit.MG_PER_HA));
    }
    field
        .species(s -> HURTS.matcher(s.advice().notes().toLowerCase(Locale.ROOT)).find())
        .forEach(
            s ->
                found.warn(
                    Reason.of("{species}: {notes}")
                        .with("species", s.name())
                        .with("notes", s.advice().notes())));
    if (field.hasGrass()) {
      found.warn(
          Reason.of(
              "lush grass in spring can bring grass tetany: magnesium for cows in milk, and hay first"));
    }
    Dangers.LABELS_OF_FEED.forEach(found::warn);
    found.warn(Reason.of("the cover regrows: end it one of the other ways after"));
  }

  @Override
  protected WatchList.Item watch(WatchList.Ended e) {
    return WatchList.regrowth(e);
  }
}
