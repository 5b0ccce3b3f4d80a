package nimblefurrow.core.seeding;

/** The row-crop planter with small-seed plates, behind the combine. */
final class PrecisionPlanter extends AfterHarvest {
  PrecisionPlanter() {
    super("precisionPlanter");
  }

  @Override
  public boolean inRows() {
    return true;
  }
}
