package nimblefurrow.core.seeding;

/** Spread on stubble and left to rain. */
final class Broadcast extends AfterHarvest {
  Broadcast() {
    super("broadcast");
  }

  @Override
  public boolean spreadAndLeft() {
    return true;
  }

  @Override
  public boolean forHire() {
    return true;
  }
}
