package nimblefurrow.core.season;

/** Soil texture class, from coarse to fine. */
public enum Texture {
  SAND,
  SANDY_LOAM,
  LOAM,
  SILT_LOAM,
  CLAY_LOAM,
  CLAY
}
