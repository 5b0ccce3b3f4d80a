package nimblefurrow.core.ending;

import java.time.LocalDate;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** Plant into the living cover, roll it down over soybean seedlings. */
final class PlantGreenRoll extends RollMethod {
  PlantGreenRoll() {
    super("plantGreenRoll");
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    LocalDate from = traits().lag().firstEnd(plant);
    LocalDate to = traits().lag().lastEnd(plant);
    found.range(from, to);
    int ready = field.ripe(ripe()).atMost(field.crop().count(to));
    found.ready(ready);
    notRollable(field, found);
    winterIsFirst(field, found);
    if (field.next().kind() != NextCrop.Kind.SOYBEAN) {
      found.no(
          Reason.of("only soybeans bear the drum; {crop} does not")
              .with("crop", field.next().kind().label()));
    } else {
      Reason odds =
          Reason.of(
                  "from unifoliate to second trifoliate, about {from} to {to}; ripe in {ready} of {all} years")
              .with("from", from)
              .with("to", to)
              .with("ready", ready, Unit.COUNT)
              .with("all", field.years(), Unit.COUNT);
      if (ready >= MOSTLY * field.years()) {
        found.fits(odds);
      } else {
        found.care(odds);
      }
    }
    asItStands(field, found);
    found.warn(Reason.of("never from hook to cotyledon: stems snap; roll on a hot dry afternoon"));
  }

  @Override
  public String school(NextCrop.Kind next) {
    return "plant green, roll over the seedlings";
  }
}
