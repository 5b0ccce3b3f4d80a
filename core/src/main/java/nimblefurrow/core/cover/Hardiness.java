package nimblefurrow.core.cover;

/** How far a species can harden against cold. */
public enum Hardiness {
  /** Overwinters where it hardens in time. */
  HARDY,
  /** Stands light frost, dies in a real winter. */
  HALF,
  /** Dies with the first hard frost. */
  SUMMER
}
