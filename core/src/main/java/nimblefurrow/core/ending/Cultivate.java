package nimblefurrow.core.ending;

import nimblefurrow.core.units.Reason;

/** A cultivator that passes residue, between the rows of a crop that is up. */
final class Cultivate extends RescueMethod {
  Cultivate() {
    super("cultivate");
  }

  @Override
  public boolean stirs() {
    return true;
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    rescue(field, found);
    found.because(Reason.of("wide rows and sweeps that pass residue; the ground is stirred"));
  }
}
