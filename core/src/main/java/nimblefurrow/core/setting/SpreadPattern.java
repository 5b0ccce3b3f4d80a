package nimblefurrow.core.setting;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * A line of trays across the swath: how even is the field once passes overlap?
 *
 * @param swaths evenness at each swath, in steps of the tray spacing
 * @param goodSwathM widest swath that is even enough; null when none is
 * @param skew right half less left half, over both: above 0 when more lands to the right
 * @param meanG mean of the trays
 */
public record SpreadPattern(List<Swath> swaths, GoodSwath goodSwathM, double skew, double meanG) {

  /**
   * Evenness at one swath.
   *
   * @param oneWayCv coefficient of variation when all passes go the same way
   * @param backAndForthCv when every other pass comes back
   */
  public record Swath(double swathM, double oneWayCv, double backAndForthCv) {}

  /** Widest swaths, m. */
  public record GoodSwath(@Nullable Double oneWay, @Nullable Double backAndForth) {}

  public SpreadPattern {
    swaths = List.copyOf(swaths);
  }

  /**
   * Overlaps the pattern with itself at every swath from one tray spacing to the width of the
   * trays. The variation is that of the whole overlapped field, standard deviation over mean.
   *
   * @param traySpacingM distance between trays
   * @param traysG masses from left to right
   * @param maxCv what is even enough, such as 0.15, from the air 0.25
   * @return the spread pattern
   */
  public static SpreadPattern of(double traySpacingM, List<Double> traysG, double maxCv) {
    Need.positive("traySpacingM", "The spacing of trays", traySpacingM);
    Need.share("maxCv", "The largest variation", maxCv);
    if (traysG.size() < 3) {
      throw new Refused("traysG", "Lay out at least three trays across the swath.");
    }
    double[] trays = new double[traysG.size()];
    double sum = 0;
    for (int i = 0; i < trays.length; i++) {
      trays[i] =
          Need.notNegative("traysG[" + i + "]", "The mass in tray " + (i + 1), traysG.get(i));
      sum += trays[i];
    }
    if (sum <= 0) {
      throw new Refused("traysG", "All trays are empty: nothing was caught.");
    }
    List<Swath> swaths = new ArrayList<>();
    Double oneWay = null;
    Double back = null;
    for (int step = 1; step <= trays.length; step++) {
      double swath = step * traySpacingM;
      double same = variation(overlapped(trays, step, false));
      double turned = variation(overlapped(trays, step, true));
      swaths.add(new Swath(swath, same, turned));
      oneWay = same <= maxCv ? Double.valueOf(swath) : oneWay;
      back = turned <= maxCv ? Double.valueOf(swath) : back;
    }
    return new SpreadPattern(
        swaths, new GoodSwath(oneWay, back), skew(trays, sum), sum / trays.length);
  }

  /**
   * {@return what lands across one period of passes: one swath, or two when every other pass is
   * turned round}
   *
   * @param trays one pass from left to right
   * @param step the swath in tray spacings
   * @param turned whether every other pass comes back
   */
  public static double[] overlapped(double[] trays, int step, boolean turned) {
    int period = turned ? 2 * step : step;
    double[] field = new double[period];
    for (int i = 0; i < trays.length; i++) {
      field[Math.floorMod(i, period)] += trays[i];
      if (turned) {
        // The next pass lies one swath to the right and is mirrored about its own middle.
        field[Math.floorMod(trays.length - 1 - i + step, period)] += trays[i];
      }
    }
    return field;
  }

  private static double variation(double[] field) {
    double mean = 0;
    for (double f : field) {
      mean += f / field.length;
    }
    double squares = 0;
    for (double f : field) {
      squares += (f - mean) * (f - mean);
    }
    return Math.sqrt(squares / field.length) / mean;
  }

  private static double skew(double[] trays, double sum) {
    double right = 0;
    for (int i = 0; i < trays.length / 2; i++) {
      right += trays[trays.length - 1 - i] - trays[i];
    }
    return right / sum;
  }
}
