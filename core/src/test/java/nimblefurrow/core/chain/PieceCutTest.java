package nimblefurrow.core.chain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/** Pieces cover their field once: no gap, no overlap, areas that sum to the whole. */
class PieceCutTest {
  private static final GeometryFactory FACTORY = new GeometryFactory();
  private static final MultiPolygon FIELD = field(0, 0, 0.02, 0, 0.02, 0.005, 0, 0.005);

  private static MultiPolygon field(double... xy) {
    Coordinate[] ring = new Coordinate[xy.length / 2 + 1];
    for (int i = 0; i < ring.length; i++) {
      int at = i % (xy.length / 2);
      ring[i] = new Coordinate(-90 + xy[2 * at], 41 + xy[2 * at + 1]);
    }
    return FACTORY.createMultiPolygon(new Polygon[] {FACTORY.createPolygon(ring)});
  }

  private static double[] at(double x, double y) {
    return new double[] {-90 + x, 41 + y};
  }

  private static void coverOnce(MultiPolygon whole, List<MultiPolygon> parts) {
    assertThat(parts).hasSize(2);
    double sum = parts.get(0).getArea() + parts.get(1).getArea();
    assertThat(sum).isCloseTo(whole.getArea(), within(whole.getArea() * 1e-9));
    assertThat(parts.get(0).intersection(parts.get(1)).getArea())
        .isLessThan(whole.getArea() * 1e-9);
    assertThat(whole.difference(parts.get(0).union(parts.get(1))).getArea())
        .isLessThan(whole.getArea() * 1e-9);
  }

  @Test
  void aLineFromEdgeToEdge() {
    List<MultiPolygon> parts = PieceCut.byLine(FIELD, List.of(at(0.005, -0.001), at(0.005, 0.006)));
    coverOnce(FIELD, parts);
    assertThat(parts.get(0).getArea() / FIELD.getArea()).isCloseTo(0.75, within(1e-9));
  }

  @Test
  void aLineThatStopsAFootShortIsDrawnOn() {
    coverOnce(FIELD, PieceCut.byLine(FIELD, List.of(at(0.005, 0.0002), at(0.006, 0.0048))));
  }

  @Test
  void aLineWithABendCutsACornerOff() {
    List<MultiPolygon> parts =
        PieceCut.byLine(FIELD, List.of(at(0.015, -0.001), at(0.015, 0.002), at(0.021, 0.002)));
    coverOnce(FIELD, parts);
    assertThat(parts.get(1).getArea() / FIELD.getArea()).isCloseTo(0.1, within(1e-9));
  }

  @Test
  void aLineAcrossABayLeavesItsArmsOnOneSide() {
    MultiPolygon bay =
        field(
            0, 0, 0.02, 0, 0.02, 0.006, 0.014, 0.006, 0.014, 0.002, 0.006, 0.002, 0.006, 0.006, 0,
            0.006);
    List<MultiPolygon> parts = PieceCut.byLine(bay, List.of(at(-0.001, 0.004), at(0.021, 0.004)));
    coverOnce(bay, parts);
    assertThat(parts.get(1).getNumGeometries()).isEqualTo(2);
  }

  @Test
  void aLineThatMissesIsSaid() {
    assertThatThrownBy(() -> PieceCut.byLine(FIELD, List.of(at(0.03, 0), at(0.03, 0.005))))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("misses the field");
    assertThatThrownBy(() -> PieceCut.byLine(FIELD, List.of(at(0.01, 0.002), at(0.011, 0.002))))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> PieceCut.byLine(FIELD, List.of(at(0.01, 0.002))))
        .hasMessageContaining("two points or more");
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.01, 0.1, 1.0 / 3, 0.5, 0.87, 0.99})
  void byShareTheFirstHasIt(double share) {
    List<MultiPolygon> parts = PieceCut.byShare(FIELD, share);
    coverOnce(FIELD, parts);
    assertThat(parts.get(0).getArea() / FIELD.getArea()).isCloseTo(share, within(1e-9));
  }

  @Test
  void theCutGoesAcrossTheLongerWay() {
    MultiPolygon first = PieceCut.byShare(FIELD, 0.5).get(0);
    assertThat(first.getEnvelopeInternal().getWidth()).isCloseTo(0.01, within(1e-9));
    MultiPolygon tall = field(0, 0, 0.004, 0, 0.004, 0.02, 0, 0.02);
    assertThat(PieceCut.byShare(tall, 0.25).get(0).getEnvelopeInternal().getHeight())
        .isCloseTo(0.005, within(1e-9));
    // At this latitude a degree of longitude is three quarters of one of latitude.
    MultiPolygon almost = field(0, 0, 0.010, 0, 0.010, 0.009, 0, 0.009);
    assertThat(PieceCut.byShare(almost, 0.5).get(0).getEnvelopeInternal().getWidth())
        .isCloseTo(0.010, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 0.0099, 0.9901, 1, -1, Double.NaN})
  void nothingToWorkIsNoPiece(double share) {
    assertThatThrownBy(() -> PieceCut.byShare(FIELD, share))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("hundredth");
  }

  @Test
  void anyFieldAnyCut() {
    Random random = new Random(5);
    for (int n = 0; n < 40; n++) {
      double w = 0.005 + 0.02 * random.nextDouble();
      double h = 0.005 + 0.02 * random.nextDouble();
      MultiPolygon any = field(0, 0, w, 0.1 * h, 0.9 * w, h, 0.4 * w, 0.7 * h, 0.05 * w, 0.95 * h);
      coverOnce(any, PieceCut.byShare(any, 0.02 + 0.96 * random.nextDouble()));
      double x = w * (0.2 + 0.6 * random.nextDouble());
      coverOnce(any, PieceCut.byLine(any, List.of(at(x, -h), at(w - x, 2 * h))));
    }
  }
}
