package nimblefurrow.core.season;

/** How much mineral nitrogen a cover finds. */
public enum NitrogenLevel {
  LOW,
  MEDIUM,
  HIGH
}
