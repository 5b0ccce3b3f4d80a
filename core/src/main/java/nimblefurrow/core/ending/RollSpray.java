package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.units.Reason;

/** Roll it flat, and let a herbicide kill what is not ripe enough for the drum. */
final class RollSpray extends RollMethod {
  /** The herbicide wants leaves that still take it up. Working value. */
  private static final SecondPass BEHIND =
      new SecondPass(MachineWork.SPRAY, "spray behind the roller", 0, 4);

  RollSpray() {
    super("rollSpray");
  }

  @Override
  public boolean sprays() {
    return true;
  }

  @Override
  public List<Ending> acts(LocalDate on) {
    return List.of(Ending.Roll.usual(on), Ending.Spray.usual(on));
  }

  @Override
  public Optional<SecondPass> secondPass(List<Species> cover) {
    return Optional.of(BEHIND);
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    LocalDate plant = field.next().plantOn();
    found.ready(field.ripe(ripe()).atMost(field.crop().count(plant)));
    found.range(traits().lag().firstEnd(plant), traits().lag().lastEnd(plant));
    if (winterIsFirst(field, found)) {
      return;
    }
    found.fits(Reason.of("the spray kills what is not ripe enough for the drum"));
    asItStands(field, found);
    ripenApart(field, found);
    found.warn(Reason.of("look again after 10 to 14 days; keep hands and people off the drum"));
    SprayMethod.cautions(field, found);
  }

  @Override
  public String school(NextCrop.Kind next) {
    return "roll it flat, with a spray behind";
  }
}
