package nimblefurrow.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * How wide a strip is, so that every machine makes it in whole passes and the combine takes a full
 * one out of its middle.
 *
 * @param stripWidthM width of a strip
 * @param passes of each machine, the planter first
 * @param harvestPasses full passes of the combine between the guards
 * @param stripsThatFit beside each other on the field
 * @param replicatesThatFit blocks of all treatments
 * @param fits whether as many as were asked for do
 */
public record StripWidth(
    double stripWidthM,
    List<Passes> passes,
    int harvestPasses,
    int stripsThatFit,
    int replicatesThatFit,
    boolean fits) {
  /** A strip of more passes of the planter is a field. */
  private static final int MOST_PASSES = 40;

  /** Widths are given to the centimetre; what is smaller than this is no gap. */
  private static final double NO_GAP_M = 1e-9;

  /** How often one machine goes over a strip. */
  public record Passes(double widthM, int passes) {}

  /**
   * What machines there are.
   *
   * @param widthsM working widths, the planter's first, m
   * @param harvestM width of the combine's head, m
   * @param guardM left on either side of what is harvested, m
   * @param toleranceM by which passes of a machine may miss the strip's width, m
   */
  public record Machines(List<Double> widthsM, double harvestM, double guardM, double toleranceM) {
    /**
     * @throws Refused naming what is out of range
     */
    public Machines {
      widthsM = List.copyOf(widthsM);
      if (widthsM.isEmpty()) {
        throw new Refused(
            "machineWidthsM", "A strip needs the width of the planter at least, as the first.");
      }
      for (int i = 0; i < widthsM.size(); i++) {
        Need.positive("machineWidthsM[" + i + "]", "The width of a machine", widthsM.get(i));
      }
      Need.positive("harvestWidthM", "The width of the combine's head", harvestM);
      Need.notNegative("guardM", "The guard", guardM);
      Need.notNegative("toleranceM", "The tolerance", toleranceM);
    }

    private boolean meets(double width, double strip) {
      long passes = Math.round(strip / width);
      return passes >= 1 && Math.abs(strip - passes * width) <= toleranceM + NO_GAP_M;
    }

    private int harvested(double strip) {
      return (int) Math.floor((strip - 2 * guardM) / harvestM + NO_GAP_M);
    }
  }

  /**
   * {@return the smallest strip that all machines make}
   *
   * @param machines that go over it
   * @param treatments to be compared
   * @param replicates blocks of them all that are wanted
   * @param fieldWidthM across the strips
   * @throws Refused when there is none, naming the widths that never meet
   */
  public static StripWidth of(
      Machines machines, int treatments, int replicates, double fieldWidthM) {
    require("treatments", treatments, 2, "Strips compare two treatments at least.");
    require("replicates", replicates, 1, "Each treatment stands on one strip at least.");
    Need.positive("fieldWidthM", "The width of the field", fieldWidthM);
    double planter = machines.widthsM().get(0);
    for (int n = 1; n <= MOST_PASSES; n++) {
      double strip = n * planter;
      if (machines.harvested(strip) >= 1
          && machines.widthsM().stream().allMatch(w -> machines.meets(w, strip))) {
        return fitted(machines, strip, treatments, replicates, fieldWidthM);
      }
    }
    throw new Refused("machineWidthsM", neverMeet(machines, planter));
  }

  private static StripWidth fitted(
      Machines machines, double strip, int treatments, int replicates, double fieldWidthM) {
    int strips = (int) Math.floor(fieldWidthM / strip + NO_GAP_M);
    List<Passes> passes = new ArrayList<>();
    machines.widthsM().forEach(w -> passes.add(new Passes(w, (int) Math.round(strip / w))));
    return new StripWidth(
        strip,
        List.copyOf(passes),
        machines.harvested(strip),
        strips,
        strips / treatments,
        strips / treatments >= replicates);
  }

  private static String neverMeet(Machines machines, double planter) {
    List<Double> alone =
        machines.widthsM().stream()
            .distinct()
            .filter(w -> !everMeets(machines, w, planter))
            .toList();
    if (alone.isEmpty() && !machines.widthsM().stream().allMatch(w -> w == planter)) {
      alone = machines.widthsM().stream().distinct().filter(w -> w != planter).toList();
    }
    if (alone.isEmpty()) {
      return "A strip of %d passes of the planter (%s m) leaves no full pass of the combine between its guards."
          .formatted(MOST_PASSES, said(planter));
    }
    return "Up to %d passes of the planter, %s m wide, none is a whole number of passes of %s."
        .formatted(
            MOST_PASSES,
            said(planter),
            alone.stream().map(w -> said(w) + " m").collect(Collectors.joining(" and ")));
  }

  private static boolean everMeets(Machines machines, double width, double planter) {
    for (int n = 1; n <= MOST_PASSES; n++) {
      if (machines.meets(width, n * planter)) {
        return true;
      }
    }
    return false;
  }

  private static String said(double width) {
    return String.valueOf(Math.round(width * 100) / 100.0);
  }

  private static void require(String where, int value, int least, String sentence) {
    if (value < least || value > 1000) {
      throw new Refused(where, sentence);
    }
  }
}
