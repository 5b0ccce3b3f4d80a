package nimblefurrow.core.season;

/** Whether the ground carries machines. */
public enum Trafficability {
  FIT,
  MARGINAL,
  UNFIT;

  /** Up to so much water of the upper 15 cm, share of field capacity, it carries. Working value. */
  public static final double FIT_UP_TO = 0.92;

  /** Up to so much it carries with care. Working value. */
  public static final double MARGINAL_UP_TO = 0.98;

  /**
   * Of ground.
   *
   * @param wetness water of the upper 15 cm, share of field capacity
   * @param firmed how much more living roots let it bear
   * @return whether it carries
   */
  static Trafficability of(double wetness, double firmed) {
    if (wetness <= FIT_UP_TO + firmed) {
      return FIT;
    }
    return wetness <= MARGINAL_UP_TO + firmed ? MARGINAL : UNFIT;
  }
}
