package nimblefurrow.core.units;

/**
 * How far a model may be off around each value it gives, beside what the years differ. Taken at
 * nine points of equal probability of the normal curve, so that odds stay repeatable and smooth.
 */
public sealed interface OwnError {
  /** Nothing beyond what the years differ: it was measured, or the model has no part in it. */
  OwnError NONE = new Off(0);

  /**
   * {@return a value as it is when the model is off by {@code z} standard deviations}
   *
   * @param value value in question
   * @param z standard score
   */
  double at(double value, double z);

  /** {@return how wide it is; 0 for a value that is taken as it stands} */
  double sd();

  /** Growth and mass: e^(sd·z) times the value. */
  record Times(double sd) implements OwnError {
    @Override
    public double at(double value, double z) {
      return value * Math.exp(sd * z);
    }
  }

  /** Days, or whatever else is off by so much, however large. */
  record Off(double sd) implements OwnError {
    @Override
    public double at(double value, double z) {
      return value + sd * z;
    }
  }

  /** A share of {@code all}: off on the scale of its log odds; none and all stay. */
  record Odds(double sd, double all) implements OwnError {
    @Override
    public double at(double value, double z) {
      double share = value / all;
      if (!(share > 0 && share < 1)) {
        return value;
      }
      return all / (1 + (1 - share) / share * Math.exp(-sd * z));
    }
  }

  /** Light caught by leaves whose area is off as growth is: 1 − (1 − v)^(e^(sd·z)). */
  record Light(double sd) implements OwnError {
    @Override
    public double at(double value, double z) {
      return 1 - Math.pow(1 - Math.min(1, value), Math.exp(sd * z));
    }
  }
}
