package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** Spray the strips where rows will stand ahead, and what is left between them at planting. */
final class RowZones extends SprayMethod {
  /** A strip of 25 cm on rows of 76 cm. */
  private static final EarlyStrips STRIPS = new EarlyStrips(1.0 / 3, 14);

  /** Before the strips between shade the crop. Working value. */
  private static final SecondPass BETWEEN =
      new SecondPass(MachineWork.SPRAY, "spray between the rows", 10, 28);

  RowZones() {
    super("rowZone");
  }

  @Override
  public Optional<EarlyStrips> earlyStrips() {
    return Optional.of(STRIPS);
  }

  @Override
  public Optional<SecondPass> secondPass(List<Species> cover) {
    return Optional.of(BETWEEN);
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    found.range(traits().lag().firstEnd(plant), traits().lag().lastEnd(plant));
    if (field.next().kind() == NextCrop.Kind.CORN) {
      found.care(
          Reason.of("rows are bare {early} ahead, the rest shades weeds; needs steering")
              .with("early", STRIPS.daysAhead(), Unit.DAYS));
    } else {
      found.no(Reason.of("only corn needs its rows bare ahead"));
    }
    hardToKill(field, found);
    cautions(field, found);
  }
}
