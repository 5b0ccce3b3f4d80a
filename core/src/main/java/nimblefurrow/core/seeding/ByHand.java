package nimblefurrow.core.seeding;

/** Tilled lightly and spread by hand, for gardens and corners. */
final class ByHand extends AfterHarvest {
  ByHand() {
    super("byHand");
  }
}
