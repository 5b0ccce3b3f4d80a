package nimblefurrow.core.season;

/** Nitrogen of dead tops, by how much of it they hold. */
public final class ResidueNitrogen {
  private static final double MOST_PERCENT = 60;
  private static final double SLOPE = 24.5;
  private static final double FROM = -37;
  private static final double PERCENT = 100;

  /** Kilograms in a hundredth of a megagram. */
  private static final double KG_PER_PERCENT_OF_MG = 10;

  private ResidueNitrogen() {}

  /**
   * {@return what of it is freed for a crop in eight to ten weeks, kg/ha; below nought is tied up}
   *
   * @param nitrogenKgPerHa in the tops
   * @param mgPerHa of the tops, dry; nought frees nothing
   */
  public static double freedKgPerHa(double nitrogenKgPerHa, double mgPerHa) {
    if (mgPerHa <= 0) {
      return 0;
    }
    double percent = nitrogenKgPerHa / (KG_PER_PERCENT_OF_MG * mgPerHa);
    return nitrogenKgPerHa * Math.min(MOST_PERCENT, SLOPE * percent + FROM) / PERCENT;
  }
}
