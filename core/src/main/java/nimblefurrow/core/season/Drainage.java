package nimblefurrow.core.season;

/** How fast water leaves a soil by itself. */
public enum Drainage {
  WELL,
  MODERATE,
  SOMEWHAT_POOR,
  POOR
}
