package nimblefurrow.core.season;

/**
 * The ground of a field.
 *
 * @param texture texture class
 * @param drainage natural drainage
 * @param tiled whether drains are laid
 */
public record Soil(Texture texture, Drainage drainage, boolean tiled) {
  /** Silt loam, moderately drained, no tile. */
  public static final Soil USUAL = new Soil(Texture.SILT_LOAM, Drainage.MODERATE, false);
}
