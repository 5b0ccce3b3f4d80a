package nimblefurrow.core.ending;

import java.time.LocalDate;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** Plant into the living cover, spray behind the planter before the crop is up. */
final class PlantGreenSpray extends SprayMethod {
  PlantGreenSpray() {
    super("plantGreenSpray");
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    PlantingLag lag = traits().lag();
    LocalDate plant = field.next().plantOn();
    found.range(lag.firstEnd(plant), lag.lastEnd(plant));
    if (field.grassBeforeCorn()) {
      found.care(
          Reason.of(
              "grass still green under corn costs nitrogen and stand: starter N, thin cover"));
    } else {
      found.fits(
          Reason.of("plant {crop} on {plant}, spray within {days} and before it is up")
              .with("crop", field.next().kind().label())
              .with("plant", plant)
              .with("days", -lag.least(), Unit.DAYS));
    }
    hardToKill(field, found);
    found.warn(Reason.of("confirm the insurer's date rule with your agent"));
    cautions(field, found);
  }

  @Override
  public String school(NextCrop.Kind next) {
    return next == NextCrop.Kind.CORN ? "plant corn green, with care" : "plant green";
  }
}
