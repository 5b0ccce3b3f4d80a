package nimblefurrow.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import nimblefurrow.core.load.LocalPlane;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;

/** Strips as they lie, and the order of their treatments. */
class StripMapTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final Geometry FIELD = SHAPES.toGeometry(new Envelope(0, 205, 0, 800));

  @Test
  void asManyAsFitLieInTheMiddleAlongTheLongSide() {
    StripMap map = StripMap.over(FIELD, 20, null);
    assertThat(map.bearingDeg() % 180).isCloseTo(0, within(1e-6));
    assertThat(map.strips()).hasSize(10);
    assertThat(map.strips().get(0).getEnvelopeInternal().getMinX()).isCloseTo(2.5, within(1e-6));
    assertThat(map.strips().get(9).getEnvelopeInternal().getMaxX()).isCloseTo(202.5, within(1e-6));
    for (Geometry strip : map.strips()) {
      assertThat(strip.getArea()).isCloseTo(20 * 800, within(1e-3));
    }
  }

  @Test
  void stripsNeitherOverlapNorLeaveTheField() {
    Geometry notched = FIELD.difference(SHAPES.toGeometry(new Envelope(100, 210, 300, 500)));
    StripMap map = StripMap.over(notched, 18, 30.0);
    assertThat(map.bearingDeg()).isEqualTo(30);
    for (int a = 0; a < map.strips().size(); a++) {
      Geometry strip = map.strips().get(a);
      assertThat(strip.difference(notched.buffer(1e-6)).getArea()).isLessThan(1e-3);
      for (int b = a + 1; b < map.strips().size(); b++) {
        assertThat(strip.intersection(map.strips().get(b)).getArea()).isLessThan(1e-3);
      }
    }
  }

  @Test
  void aWidthThatIsExactFitsToTheEdge() {
    assertThat(StripMap.over(FIELD, 20.5, 0.0).strips()).hasSize(10);
    assertThat(StripMap.over(FIELD, 20.6, 0.0).strips()).hasSize(9);
    assertThatThrownBy(() -> StripMap.over(SHAPES.createPolygon(), 20, null))
        .isInstanceOf(Refused.class);
  }

  @Test
  void theWaysAndWhatLiesRoundThemAreTheField() {
    Geometry notched = FIELD.difference(SHAPES.toGeometry(new Envelope(100, 210, 300, 500)));
    StripMap map = StripMap.over(notched, 20, 0.0);
    List<Integer> treatments = List.of(0, 1, 2, 2, 0, 1, 1, 0, 2);
    List<MultiPolygon> parts = map.parts(notched, treatments);
    assertThat(parts).as("three ways and what lies round them").hasSize(4);
    for (int way = 0; way < 3; way++) {
      double its = 0;
      for (int i = 0; i < treatments.size(); i++) {
        its += treatments.get(i) == way ? map.strips().get(i).getArea() : 0;
      }
      assertThat(parts.get(way).getArea()).isCloseTo(its, within(1e-3));
    }
    // One strip too many fits, and half of five metres is left on either side.
    double round = (205 - 9 * 20) * 800 - (205 - 182.5) * 200;
    assertThat(parts.get(3).getArea()).isCloseTo(round, within(1e-3));
    assertThat(parts.stream().mapToDouble(Geometry::getArea).sum())
        .isCloseTo(notched.getArea(), within(1e-3));
    assertThat(parts.get(2).getNumGeometries()).as("two of its strips touch").isLessThan(4);
  }

  @Test
  void ofStripsThatFitTheMostEvenRunIsTaken() {
    // A field that narrows to a point on the left.
    Geometry wedge =
        SHAPES.createPolygon(
            new Coordinate[] {
              new Coordinate(0, 0),
              new Coordinate(200, -400),
              new Coordinate(200, 400),
              new Coordinate(0, 0)
            });
    StripMap map = StripMap.over(wedge, 20, 0.0);
    assertThat(map.strips()).hasSize(10);
    assertThat(map.best(4)).isEqualTo(6);
    assertThat(map.best(10)).isZero();
    assertThat(map.best(11)).as("fewer fit").isZero();
    assertThat(map.from(6, 4).strips()).isEqualTo(map.strips().subList(6, 10));
    assertThat(map.from(8, 4).strips()).hasSize(2);
    assertThat(StripMap.over(FIELD, 20, 0.0).best(4)).as("all alike").isZero();
  }

  /** A machine follows no boundary that crosses itself, and a map has all in degrees. */
  @Test
  void partsAreSoundInDegreesToo() {
    Random luck = new Random(46);
    for (int n = 0; n < 150; n++) {
      int corners = 5 + luck.nextInt(12);
      Coordinate[] ring = new Coordinate[corners + 1];
      for (int c = 0; c < corners; c++) {
        double at = 2 * Math.PI * c / corners;
        double far = 250 + 250 * luck.nextDouble();
        // Some edges run along the strips to a hair.
        double east = Math.max(-240 + 1e-7 * luck.nextDouble(), far * Math.cos(at));
        ring[c] = new Coordinate(east, far * Math.sin(at));
      }
      ring[corners] = ring[0];
      LocalPlane plane = new LocalPlane(41 + luck.nextDouble(), -96 - luck.nextDouble());
      Geometry field = plane.toMetres(plane.toDegrees(SHAPES.createPolygon(ring)));
      StripMap map = StripMap.over(field, 24.384, n % 2 == 0 ? null : 0.0);
      int count = Math.min(6, map.strips().size());
      List<Integer> ways = List.of(0, 1, 1, 0, 0, 1).subList(0, count);
      List<MultiPolygon> parts = map.from(map.best(count), count).parts(field, ways);
      for (MultiPolygon part : parts) {
        assertThat(plane.toDegrees(part).isValid()).as("field %d", n).isTrue();
      }
      assertThat(parts.stream().mapToDouble(Geometry::getArea).sum())
          .isCloseTo(field.getArea(), within(5.0));
    }
  }

  @Test
  void aFieldThatTheStripsFillHasNothingRoundThem() {
    StripMap full = StripMap.over(FIELD, 20.5, 0.0);
    List<Integer> ten = List.of(0, 1, 0, 1, 0, 1, 0, 1, 0, 1);
    assertThat(full.parts(FIELD, ten)).hasSize(2);
    List<Integer> eleven = List.of(0, 1, 0, 1, 0, 1, 0, 1, 0, 1, 0);
    assertThatThrownBy(() -> full.parts(FIELD, eleven))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("10 strips")
        .hasMessageContaining("11 are needed");
  }

  @Test
  void eachBlockHoldsEachTreatmentOnceInAnOrderOfChance() {
    List<List<Integer>> blocks = Shuffle.blocks(4, 40, 7);
    Set<List<Integer>> orders = new HashSet<>(blocks);
    assertThat(blocks)
        .hasSize(40)
        .allSatisfy(b -> assertThat(b).containsExactlyInAnyOrder(0, 1, 2, 3));
    // Of 24 orders forty blocks bring more than half.
    assertThat(orders.size()).isGreaterThan(12);
    assertThat(Shuffle.blocks(4, 40, 7)).isEqualTo(blocks);
    assertThat(Shuffle.blocks(4, 40, 8)).isNotEqualTo(blocks);
  }
}
