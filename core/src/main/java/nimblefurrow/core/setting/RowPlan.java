package nimblefurrow.core.setting;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

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
   * @param nextRowM where the next crop's row will be; null when it is not planned
   * @param bandM where the side-dress band lies; null when there is none
   */
  public static RowPlan of(
      double cropSpacingM,
      int openers,
      double openerSpacingM,
      @org.jspecify.annotations.Nullable Double nextRowM,
      @org.jspecify.annotations.Nullable Double bandM) {
    Need.positive("cropSpacingM", "The spacing of crop rows", cropSpacingM);
    Need.positive("openers", "The number of openers in a gap", openers);
    Need.positive("openerSpacingM", "The spacing of openers", openerSpacingM);
    if (nextRowM != null) {
      Need.number("nextRowM", "The place of the next row", nextRowM);
    }
    if (bandM != null) {
      Need.number("bandM", "The place of the band", bandM);
    }
    double width = (openers - 1) * openerSpacingM;
    if (width >= cropSpacingM) {
      throw new Refused(
          "openers",
          "%d openers %.0f cm apart do not fit between rows %.0f cm apart."
              .formatted(openers, openerSpacingM * 100, cropSpacingM * 100));
    }
    List<Double> rows = new ArrayList<>();
    for (int i = 0; i < openers; i++) {
      rows.add(cropSpacingM / 2 - width / 2 + i * openerSpacingM);
    }
    double crop = rows.get(0);
    double next = nextRowM == null ? cropSpacingM : nearest(rows, nextRowM);
    double band = bandM == null ? cropSpacingM : nearest(rows, bandM);
    List<String> warnings = new ArrayList<>();
    if (crop < CROP_CLEAR_M) {
      warnings.add("a cover row runs too close to the crop row: it cuts roots and is shaded out");
    }
    if (nextRowM != null && next < NEXT_CLEAR_M) {
      warnings.add("the next crop's row would stand on a cover row: shift one of them");
    }
    if (bandM != null && band < BAND_CLEAR_M) {
      warnings.add("a cover row lies on the side-dress band: the nitrogen hurts its seed");
    }
    return new RowPlan(rows, crop, next, band, warnings);
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
