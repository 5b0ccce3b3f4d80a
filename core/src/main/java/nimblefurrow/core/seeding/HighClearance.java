package nimblefurrow.core.seeding;

/** A high-clearance spreader that drops seed between the rows. */
final class HighClearance extends StandingCrop {
  HighClearance() {
    super("highClearance", 14);
  }

  /** It drops seed low, through the canopy. */
  @Override
  boolean underFallingLeaves() {
    return false;
  }
}
