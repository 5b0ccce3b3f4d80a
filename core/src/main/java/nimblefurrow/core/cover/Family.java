package nimblefurrow.core.cover;

/** Botanical grouping that matters to nitrogen, herbicides and grazing. */
public enum Family {
  GRASS,
  LEGUME,
  BRASSICA,
  OTHER
}
