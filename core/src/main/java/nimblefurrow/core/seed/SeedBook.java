package nimblefurrow.core.seed;

/** How closely seed that is bought, taken and put out must agree. Working values. */
public final class SeedBook {
  /** Headlands are seeded twice and fields measured roughly: so much of a field may be done. */
  private static final double MOST_OF_FIELD = 1.1;

  private static final double SLACK_KG = 0.5;
  private static final double SLACK_SHARE = 0.005;
  private static final double LEAST_BUY_KG = 0.5;

  private SeedBook() {}

  /**
   * {@return whether so much can have been seeded on a field}
   *
   * @param areaHa seeded, ha
   * @param fieldHa area of the field, ha
   */
  public static boolean fits(double areaHa, double fieldHa) {
    return areaHa <= fieldHa * MOST_OF_FIELD;
  }

  /**
   * {@return whether what came out of the lots is what went into the field}
   *
   * @param fromLotsKg out of lots, kg
   * @param seedKg into the field, kg
   */
  public static boolean agrees(double fromLotsKg, double seedKg) {
    return Math.abs(fromLotsKg - seedKg) <= Math.max(SLACK_KG, SLACK_SHARE * seedKg);
  }

  /**
   * {@return what has to be bought, kg; nobody buys less than a pound}
   *
   * @param neededKg needed, kg
   * @param haveKg in the bin, kg
   */
  public static double toBuy(double neededKg, double haveKg) {
    double missing = neededKg - haveKg;
    return missing > LEAST_BUY_KG ? missing : 0;
  }
}
