package nimblefurrow.core.seeding;

/** Spread on stubble and worked in lightly. */
final class BroadcastIncorporated extends AfterHarvest {
  BroadcastIncorporated() {
    super("broadcastIncorporated");
  }
}
