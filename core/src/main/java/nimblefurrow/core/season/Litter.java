package nimblefurrow.core.season;

/** Mulch from the cover and residue from crops, Mg/ha, decaying on the ground. */
final class Litter {
  private static final double RESIDUE_RATE = 0.004 + 0.24 / 60;
  private static final double NEW_MULCH_CARBON_TO_NITROGEN = 30;

  double mulch;
  double carbonToNitrogen = NEW_MULCH_CARBON_TO_NITROGEN;
  double residue;

  Litter(double residue) {
    this.residue = residue;
  }

  void restore(BareSeason.GroundState state) {
    residue = state.residue();
    mulch = state.mulch();
    carbonToNitrogen = state.mulchCarbonToNitrogen();
  }

  /** Adds mulch so that its nitrogen is kept. */
  void add(double mass, double massCarbonToNitrogen) {
    if (mass <= 0) {
      return;
    }
    double nitrogen = mulch / carbonToNitrogen + mass / massCarbonToNitrogen;
    mulch += mass;
    carbonToNitrogen = mulch / nitrogen;
  }

  /** Share of crop residue left after a day at mean temperature {@code meanC}. */
  static double residueLeft(double meanC) {
    return meanC <= 0 ? 1 : Math.exp(-RESIDUE_RATE * meanC / 20);
  }

  /**
   * A day's decay at mean temperature {@code meanC}; slower while the cover still stands.
   *
   * @param residueLeft as {@link #residueLeft(double)}, which all fields under a sky share
   */
  void decay(double meanC, boolean ended, double residueLeft) {
    if (meanC <= 0) {
      return;
    }
    residue *= residueLeft;
    if (mulch > 0) {
      double warmth = meanC / 20;
      double contact = ended ? 1.0 : 0.7;
      mulch *= Math.exp(-(0.004 + 0.24 / carbonToNitrogen) * contact * warmth);
    }
  }
}
