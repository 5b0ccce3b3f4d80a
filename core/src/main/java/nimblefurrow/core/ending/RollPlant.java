package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/** Roll before or with the planter, once the cover is ripe for it. */
final class RollPlant extends RollMethod {
  /** A crop does not wait longer than this for its cover to ripen. Working value. */
  private static final int LONGEST_WAIT_DAYS = 35;

  RollPlant() {
    super("rollPlant");
  }

  @Override
  public LocalDate endOn(EndingOption option, LocalDate plant, PlantingLag lag) {
    LocalDate latest = plant.plusDays(LONGEST_WAIT_DAYS);
    LocalDate ripe = option.from();
    return ripe.isBefore(plant) ? plant : ripe.isAfter(latest) ? latest : ripe;
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    Spread ripe = field.ripe(ripe());
    LocalDate from = field.day(ripe.median());
    LocalDate to = field.day(field.ripe(late()).median());
    int ready = ripe.atMost(field.crop().count(plant));
    found.range(from, to.isBefore(from) ? from : to);
    found.ready(ready);
    notRollable(field, found);
    if (winterIsFirst(field, found)) {
      return;
    }
    Reason odds =
        Reason.of(
                "ripe to roll by planting on {plant} in {ready} of {all} years; middle year {from}")
            .with("plant", plant)
            .with("ready", ready, Unit.COUNT)
            .with("all", field.years(), Unit.COUNT)
            .with("from", from);
    if (ready >= MOSTLY * field.years()) {
      found.fits(odds);
    } else {
      found.care(odds);
      waits(ChronoUnit.DAYS.between(plant, from), found);
    }
    asItStands(field, found);
    ripenApart(field, found);
    found.warn(Reason.of("look again after 10 to 14 days; keep hands and people off the drum"));
  }

  private static void waits(long days, EndingFinding found) {
    if (days > LONGEST_WAIT_DAYS) {
      found.no(
          Reason.of("in the middle year planting would wait {wait} for it to ripen")
              .with("wait", days, Unit.DAYS));
    } else if (days > 0) {
      found.because(
          Reason.of("in the middle year planting waits {wait}").with("wait", days, Unit.DAYS));
    }
  }

  @Override
  public String school(NextCrop.Kind next) {
    return "roll before or with the planter";
  }
}
