package nimblefurrow.core.setting;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import org.jspecify.annotations.Nullable;

/**
 * Rows across one gap of the crop: where cover openers run, how far from the old row, the next row
 * and the side-dress band. Distances in m from one crop row towards the next.
 *
 * @param coverRowsM where cover rows lie
 * @param clearOfCropM least distance of a cover row to a crop row
 * @param clearOfNextM least distance to the next crop's row; the crop's spacing when it has none
 *     here
 * @param clearOfBandM least distance to the side-dress band; the crop's spacing when there is none
 * @param warnings what lies too close
 */
public record RowPlan(
    List<Double> coverRowsM,
    double clearOfCropM,
    double clearOfNextM,
    double clearOfBandM,
    List<String> warnings) {
  /** Closer to a young crop row than this a cover opener cuts roots. Working value. */
  private static final double CROP_CLEAR_M = 0.15;

  /** Closer than this to a band of nitrogen seed is hurt. Working value. */
  private static final double BAND_CLEAR_M = 0.05;

  /** Planter units run badly on a cover row closer than this. Working value. */
  private static final double NEXT_CLEAR_M = 0.08;

  /** Closer to an old row than this an opener rides over its crowns. Working value. */
  private static final double STUBBLE_CLEAR_M = 0.08;

  private static final double MM_PER_M = 1000;

  private static final String TOO_CLOSE =
      "a cover row runs too close to the crop row: it cuts roots and is shaded out";

  public RowPlan {
    coverRowsM = List.copyOf(coverRowsM);
    warnings = List.copyOf(warnings);
  }

  /**
   * {@return openers in the middle of a gap}
   *
   * @param cropSpacingM between crop rows
   * @param openers in one gap
   * @param openerSpacingM between them
   * @param twinM between the two rows that each of them makes; null for one
   * @param nextRowM where the next crop's row will be; null when it is not planned
   * @param bandM where the side-dress band lies; null when there is none
   */
  public static RowPlan of(
      double cropSpacingM,
      int openers,
      double openerSpacingM,
      @Nullable Double twinM,
      @Nullable Double nextRowM,
      @Nullable Double bandM) {
    Need.positive("cropSpacingM", "The spacing of crop rows", cropSpacingM);
    Need.positive("openers", "The number of openers in a gap", openers);
    Need.positive("openerSpacingM", "The spacing of openers", openerSpacingM);
    if (nextRowM != null) {
      Need.number("nextRowM", "The place of the next row", nextRowM);
    }
    if (bandM != null) {
      Need.number("bandM", "The place of the band", bandM);
    }
    double twin = twinM == null ? 0 : Need.positive("twinM", "The distance in a twin", twinM);
    if (openers > 1 && twin >= openerSpacingM) {
      throw new Refused("twinM", "The two rows of a twin lie closer than the openers.");
    }
    double width = (openers - 1) * openerSpacingM + twin;
    if (width >= cropSpacingM) {
      throw new Refused(
          "openers",
          "%d openers %s apart do not fit between rows %s apart."
              .formatted(openers, both(openerSpacingM), both(cropSpacingM)));
    }
    List<Double> rows = new ArrayList<>();
    for (int i = 0; i < openers; i++) {
      double row = cropSpacingM / 2 - width / 2 + i * openerSpacingM;
      rows.add(row);
      if (twin > 0) {
        rows.add(row + twin);
      }
    }
    double crop = rows.get(0);
    double next = nextRowM == null ? cropSpacingM : nearest(rows, nextRowM);
    double band = bandM == null ? cropSpacingM : nearest(rows, bandM);
    List<String> warnings = new ArrayList<>();
    if (crop < CROP_CLEAR_M) {
      warnings.add(TOO_CLOSE);
    }
    if (nextRowM != null && next < NEXT_CLEAR_M) {
      warnings.add("the next crop's row would stand on a cover row: shift one of them");
    }
    if (bandM != null && band < BAND_CLEAR_M) {
      warnings.add("a cover row lies on the side-dress band: the nitrogen hurts its seed");
    }
    return new RowPlan(rows, crop, next, band, warnings);
  }

  /** A distance as both tapes read it. */
  private static String both(double metres) {
    Figure mm = new Figure.Amount(metres * MM_PER_M, Unit.TAPE_MM);
    return UnitSystem.METRIC.say(mm) + " (" + UnitSystem.US.say(mm) + ")";
  }

  /** {@return the same between rows of stubble: no roots to cut and no shade, but crowns} */
  public RowPlan inStubble() {
    List<String> all = new ArrayList<>(warnings);
    all.remove(TOO_CLOSE);
    if (clearOfCropM < STUBBLE_CLEAR_M) {
      all.add(
          0, "a cover row runs on an old row: openers ride over its crowns; move them half a row");
    }
    return new RowPlan(coverRowsM, clearOfCropM, clearOfNextM, clearOfBandM, all);
  }

  private static double nearest(List<Double> rows, double to) {
    return rows.stream().mapToDouble(r -> Math.abs(r - to)).min().orElse(0);
  }

  /**
   * One strip of a row-zone plan.
   *
   * @param species what grows in it
   * @param widthM how wide
   * @param rateKgPerHa rate within the strip
   * @param box which box feeds it
   */
  public record Zone(String species, double widthM, double rateKgPerHa, String box) {}

  /**
   * Seed of a strip over the whole field.
   *
   * @param share of the width
   * @param fieldRateKgPerHa mass by hectare of field: rate in the strip × share
   * @param seedKg for the field
   */
  public record ZoneSeed(
      String species, String box, double share, double fieldRateKgPerHa, double seedKg) {}

  /**
   * {@return seed by strip: each gets its rate on its own share of the width}
   *
   * @param zones zones across the width
   * @param areaHa area, ha
   */
  public static List<ZoneSeed> zones(List<Zone> zones, double areaHa) {
    Need.positive("areaHa", "The area", areaHa);
    double width = 0;
    for (int i = 0; i < zones.size(); i++) {
      width += Need.positive("zones[" + i + "].widthM", "A strip's width", zones.get(i).widthM());
      Need.notNegative("zones[" + i + "].rateKgPerHa", "A rate", zones.get(i).rateKgPerHa());
    }
    if (zones.isEmpty()) {
      throw new Refused("zones", "Give at least one strip.");
    }
    double all = width;
    return zones.stream()
        .map(
            z -> {
              double share = z.widthM() / all;
              double rate = z.rateKgPerHa() * share;
              return new ZoneSeed(z.species(), z.box(), share, rate, rate * areaHa);
            })
        .toList();
  }
}
