package nimblefurrow.server.fields;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.chain.PieceCut;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * The ground of a part of a field.
 *
 * @param boundary in degrees; null where the field has none
 * @param computed its area by the boundary, ha
 * @param worked what is worked of it, ha
 */
record Cut(@Nullable MultiPolygon boundary, BigDecimal computed, BigDecimal worked) {
  private static final int PLACES = 4;

  /** Parts that sum to the whole to the last digit that is kept. */
  static List<Cut> of(Field whole, PieceService.SplitInput in) {
    if (in.line() == null && in.areaHa() == null) {
      throw new Refused(
          "line", "Draw a line across the field, or give the area of the first piece.");
    }
    BigDecimal worked = whole.areaHa();
    if (whole.boundary == null) {
      if (in.areaHa() == null) {
        throw new Refused(
            "areaHa",
            whole.name + " has no boundary to draw on: give the area of the first piece.");
      }
      BigDecimal first = area(in.areaHa(), worked, whole.name);
      return List.of(
          new Cut(null, BigDecimal.ZERO, first),
          new Cut(null, BigDecimal.ZERO, worked.subtract(first)));
    }
    double share =
        in.areaHa() == null
            ? 0
            : area(in.areaHa(), worked, whole.name).doubleValue() / worked.doubleValue();
    List<MultiPolygon> parts =
        in.line() == null
            ? PieceCut.byShare(whole.boundary, share)
            : PieceCut.byLine(whole.boundary, in.line());
    BigDecimal computed = decimal(Area.hectares(parts.get(0)));
    BigDecimal first =
        in.areaHa() != null && in.line() == null
            ? decimal(in.areaHa())
            : worked.multiply(computed).divide(whole.computedAreaHa, PLACES, RoundingMode.HALF_UP);
    return List.of(
        new Cut(parts.get(0), computed, first),
        new Cut(parts.get(1), whole.computedAreaHa.subtract(computed), worked.subtract(first)));
  }

  private static BigDecimal area(double wanted, BigDecimal whole, String name) {
    if (!(wanted > 0 && wanted < whole.doubleValue())) {
      throw new Refused(
          "areaHa", "The first piece is larger than nothing and smaller than all of " + name + ".");
    }
    return decimal(wanted);
  }

  private static BigDecimal decimal(double ha) {
    return BigDecimal.valueOf(ha).setScale(PLACES, RoundingMode.HALF_UP);
  }

  /** Parts that lie as they are given; the last takes what rounding leaves. */
  static List<Cut> along(Field whole, List<MultiPolygon> boundaries) {
    List<Cut> cuts = new ArrayList<>();
    BigDecimal computedLeft = whole.computedAreaHa;
    BigDecimal workedLeft = whole.areaHa();
    for (MultiPolygon b : boundaries.subList(0, boundaries.size() - 1)) {
      BigDecimal computed = decimal(Area.hectares(b));
      BigDecimal worked =
          whole
              .areaHa()
              .multiply(computed)
              .divide(whole.computedAreaHa, PLACES, RoundingMode.HALF_UP);
      cuts.add(new Cut(b, computed, worked));
      computedLeft = computedLeft.subtract(computed);
      workedLeft = workedLeft.subtract(worked);
    }
    cuts.add(new Cut(boundaries.get(boundaries.size() - 1), computedLeft, workedLeft));
    return cuts;
  }

  /** A field as it is. */
  static Cut all(Field whole) {
    return new Cut(whole.boundary, whole.computedAreaHa, whole.areaHa());
  }

  /** All parts as one; without a boundary where one of them has none. */
  static Cut together(List<Field> parts) {
    MultiPolygon all = parts.get(0).boundary;
    for (Field p : parts.subList(1, parts.size())) {
      all = all == null || p.boundary == null ? null : union(all, p.boundary);
    }
    return new Cut(
        all,
        parts.stream().map(p -> p.computedAreaHa).reduce(BigDecimal.ZERO, BigDecimal::add),
        parts.stream().map(Field::areaHa).reduce(BigDecimal.ZERO, BigDecimal::add));
  }

  private static MultiPolygon union(MultiPolygon a, MultiPolygon b) {
    Geometry both = OverlayNGRobust.overlay(a, b, OverlayNG.UNION);
    List<Polygon> polygons = new ArrayList<>();
    for (int i = 0; i < both.getNumGeometries(); i++) {
      if (both.getGeometryN(i) instanceof Polygon p) {
        polygons.add(p);
      }
    }
    return a.getFactory().createMultiPolygon(polygons.toArray(Polygon[]::new));
  }
}
