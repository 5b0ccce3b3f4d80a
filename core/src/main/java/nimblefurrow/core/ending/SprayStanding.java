package nimblefurrow.core.ending;

import java.time.LocalDate;
import nimblefurrow.core.units.Reason;

/** Spray at planting and leave the dead stems standing. */
final class SprayStanding extends SprayMethod {
  SprayStanding() {
    super("sprayStanding");
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    found.range(traits().lag().firstEnd(plant), traits().lag().lastEnd(plant));
    if (!field.hasGrass()) {
      found.care(Reason.of("legumes and brassicas collapse anyway: little stands to shade weeds"));
    } else {
      found.fits(Reason.of("dead stems stand, rot slower and shade as well as a rolled mat"));
    }
    beforeBoot(field, found);
    hardToKill(field, found);
    cautions(field, found);
  }

  @Override
  public String school(NextCrop.Kind next) {
    return "spray and leave it standing";
  }
}
