package nimblefurrow.core.cover;

/** What moves a species through its stages. */
public enum ClockKind {
  /** Needs winter's cold: photothermal units count from 1 January. */
  WINTER,
  /** Photothermal units count from emergence. */
  SPRING,
  /** Warmth above a base counts from emergence, whatever the day length. */
  NEUTRAL
}
