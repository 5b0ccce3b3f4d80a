package nimblefurrow.core.seeding;

/** A drill behind the combine: the surest stand, and the machine most farms can get. */
final class Drill extends AfterHarvest {
  Drill() {
    super("drill");
  }

  @Override
  public boolean forHire() {
    return true;
  }

  @Override
  public boolean inRows() {
    return true;
  }

  @Override
  public boolean mends() {
    return true;
  }
}
