package nimblefurrow.core.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

/** Loads, slurry and prices by hand; swath lines on random fields. */
class LoadTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private static LoadPlan.Carrier drone(double payload) {
    return new LoadPlan.Carrier(0.15, 0.9, payload, 9, 8, 6, 90, 300, 10, 9.0);
  }

  @Test
  void aDronesLoadsByHand() {
    // 150 L at 720 kg/m³, nine tenths full: 97.2 kg; the drone lifts 45. 20 ha × 100 kg/ha = 2 000
    // kg.
    LoadPlan p = LoadPlan.of(20, 100, 720, 400, drone(45));
    assertThat(p.bindingLimit()).isEqualTo(LoadPlan.Limit.MASS);
    assertThat(p.loads()).isEqualTo(45);
    assertThat(p.kgPerLoad()).isCloseTo(2000 / 45.0, within(1e-9));
    // 200 000 m² over 9 m × 400 m: 56 passes, 55 turns of 6 s.
    assertThat(p.passes()).isEqualTo(56);
    assertThat(p.minutes().pass()).isCloseTo(56 * 400 / 8.0 / 60, within(1e-9));
    assertThat(p.minutes().turn()).isCloseTo(5.5, within(1e-9));
    assertThat(p.minutes().ferry()).isCloseTo(45 * 600 / 10.0 / 60, within(1e-9));
    assertThat(p.minutes().refill()).isCloseTo(67.5, within(1e-9));
    assertThat(p.batteries()).isEqualTo((int) Math.ceil((46.6667 + 5.5 + 45) / 9));
    // Light seed fills the hopper first: 40 kg/m³.
    assertThat(LoadPlan.of(20, 10, 40, 400, drone(45)).bindingLimit())
        .isEqualTo(LoadPlan.Limit.VOLUME);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void loadsAddUpAndNoneIsOverfull(long start) {
    Random r = new Random(start);
    double area = 1 + 60 * r.nextDouble();
    double rate = 2 + 130 * r.nextDouble();
    LoadPlan p =
        LoadPlan.of(area, rate, 300 + 500 * r.nextDouble(), 200, drone(20 + r.nextInt(60)));
    assertThat(p.loads() * p.haPerLoad()).isCloseTo(area, within(1e-9));
    assertThat(p.loads() * p.kgPerLoad()).isCloseTo(area * rate, within(1e-6));
    assertThat(p.kgPerLoad()).isLessThanOrEqualTo(p.mostKg() * (1 + 1e-9));
  }

  @Test
  void whatIsTooSmallIsSaid() {
    assertThatThrownBy(
            () ->
                LoadPlan.of(
                    20, 100, 720, 400, new LoadPlan.Carrier(0, 1, null, 9, 8, 0, 0, 0, 0, null)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("volume");
    LoadPlan tiny = LoadPlan.of(0.1, 100, 720, 400, drone(45));
    assertThat(tiny.notes().get(0).say(UnitSystem.US)).contains("smaller than one swath");
    LoadPlan heavy = LoadPlan.of(20, 150, 720, 900, drone(45));
    assertThat(heavy.notes().get(0).say(UnitSystem.METRIC)).contains("more than a load of 45 kg");
  }

  @Test
  void aHeavyRateByDroneIsSaidInLoads() {
    // 45 kg a load: 27 ha × 100 kg/ha is 60 loads, a kilogram more is 61.
    assertThat(LoadPlan.of(27, 100, 720, 400, drone(45)).notes()).isEmpty();
    LoadPlan many = LoadPlan.of(27.01, 100, 720, 400, drone(45));
    assertThat(many.loads()).isEqualTo(61);
    assertThat(many.notes().get(0).say(UnitSystem.US)).startsWith("61 loads for 67 ac");
  }

  @Test
  void slurryAndHireByHand() {
    // 60 kg/ha in 80 m³/ha: 0.75 kg/m³; a 25 m³ tank takes 18.75 kg and does 0.3125 ha.
    Slurry s = Slurry.of(60, 80, 25);
    assertThat(s.seedKgPerM3()).isCloseTo(0.75, within(1e-12));
    // A thousand gallons are 3.785 m³, a pound is 0.4536 kg.
    assertThat(UnitSystem.US.convert(0.75, Unit.KG_PER_SLURRY_M3)).isCloseTo(6.259, within(1e-3));
    assertThat(s.seedKgPerTank()).isCloseTo(18.75, within(1e-12));
    assertThat(s.haPerTank()).isCloseTo(0.3125, within(1e-12));
    HirePrice.Tariff t = new HirePrice.Tariff(30, 180, 60, 400, 20, 2);
    HirePrice light = HirePrice.of(40, 50, 8, t);
    assertThat(light.basis()).isEqualTo(HirePrice.Basis.AREA);
    assertThat(light.charge()).isEqualTo(40 * 30 + 40);
    HirePrice heavy = HirePrice.of(40, 100, 8, t);
    assertThat(heavy.basis()).isEqualTo(HirePrice.Basis.HOUR);
    assertThat(heavy.charge()).isEqualTo(5 * 180 + 40);
    assertThat(heavy.breakEvenHaPerHour()).isEqualTo(6);
    assertThat(HirePrice.of(2, 50, 8, t).charge()).isEqualTo(440);
  }

  /** A star of random arms about a middle: simple, seldom convex. */
  private static Geometry field(Random r) {
    int n = 5 + r.nextInt(9);
    List<Coordinate> ring = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double angle = 2 * Math.PI * i / n;
      double out = 180 + 260 * r.nextDouble();
      ring.add(new Coordinate(out * Math.sin(angle), out * Math.cos(angle)));
    }
    ring.add(ring.get(0));
    return SHAPES.createPolygon(ring.toArray(Coordinate[]::new));
  }

  /** Most directions are not drawn, being too wide across; none of them would have been better. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void noDirectionHasFewerTurns(long start) {
    Random r = new Random(start);
    Geometry field = field(r);
    Geometry pond =
        start % 2 == 0 ? SHAPES.toGeometry(new Envelope(-90, 75, -20, 40)) : SHAPES.createPolygon();
    int headlands = (int) (start % 3);
    SwathLines best = SwathLines.over(field, pond, 24, headlands, null);
    for (double bearing = 0; bearing < 180; bearing += 10) {
      SwathLines other = SwathLines.over(field, pond, 24, headlands, bearing);
      assertThat(best.swaths().size()).isLessThanOrEqualTo(other.swaths().size());
      if (best.swaths().size() == other.swaths().size()) {
        assertThat(best.lengthM()).isLessThanOrEqualTo(other.lengthM() + 1e-6);
      }
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void linesCoverTheFieldAndNeverLeaveIt(long start) {
    Random r = new Random(start);
    Geometry field = field(r);
    Geometry pond =
        start % 2 == 0 ? SHAPES.toGeometry(new Envelope(-30, 25, -20, 40)) : SHAPES.createPolygon();
    SwathLines lines = SwathLines.over(field, pond, 12, 1, start % 3 == 0 ? 37.0 : null);
    Geometry allowed = field.difference(pond).buffer(1e-6);
    List<LineString> all = new ArrayList<>(lines.rounds());
    all.addAll(lines.swaths());
    assertThat(all).isNotEmpty().allMatch(allowed::covers);
    assertThat(lines.covered(12)).isGreaterThan(0.99);
  }

  @Test
  void aSquareIsWorkedAlongAnEdge() {
    Geometry square = SHAPES.toGeometry(new Envelope(0, 400, 0, 200));
    SwathLines lines = SwathLines.over(square, SHAPES.createPolygon(), 10, 0, null);
    assertThat(lines.bearingDeg()).isEqualTo(90);
    assertThat(lines.swaths()).hasSize(20);
    assertThat(lines.lengthM()).isCloseTo(20 * 400, within(1e-6));
    Coordinate firstEnd = lines.swaths().get(0).getEndPoint().getCoordinate();
    Coordinate nextStart = lines.swaths().get(1).getStartPoint().getCoordinate();
    assertThat(firstEnd.distance(nextStart)).isCloseTo(10, within(1e-6));
  }

  @Test
  void crossedAndTinyFieldsAreRefused() {
    Geometry bow =
        SHAPES.createPolygon(
            new Coordinate[] {
              new Coordinate(0, 0),
              new Coordinate(100, 100),
              new Coordinate(100, 0),
              new Coordinate(0, 100),
              new Coordinate(0, 0)
            });
    assertThatThrownBy(() -> SwathLines.over(bow, SHAPES.createPolygon(), 9, 1, null))
        .hasMessageContaining("crosses itself");
    assertThatThrownBy(
            () ->
                SwathLines.over(
                    SHAPES.toGeometry(new Envelope(0, 5, 0, 5)),
                    SHAPES.createPolygon(),
                    9,
                    1,
                    null))
        .hasMessageContaining("smaller than one swath");
  }

  @Test
  void aPlaneGoesThereAndBack() {
    Geometry square = SHAPES.toGeometry(new Envelope(-96.61, -96.6, 41.2, 41.21));
    LocalPlane plane = LocalPlane.around(square);
    Geometry metres = plane.toMetres(square);
    // A hundredth of a degree at 41.2° N: 1 110.7 m north, 839.2 m east.
    assertThat(metres.getEnvelopeInternal().getHeight()).isCloseTo(1110.7, within(1.0));
    assertThat(metres.getEnvelopeInternal().getWidth()).isCloseTo(839, within(1.5));
    assertThat(plane.toDegrees(metres).equalsExact(square, 1e-12)).isTrue();
  }

  @Test
  void splittingFliesEveryPassTwice() {
    List<SplitLoads.Seed> seeds =
        List.of(new SplitLoads.Seed(80, 720), new SplitLoads.Seed(6, 780));
    SplitLoads s = SplitLoads.of(20, seeds, 400, drone(45));
    assertThat(s.mixed().seedKg()).isCloseTo(20 * 86, within(1e-9));
    assertThat(s.split().stream().mapToDouble(LoadPlan::seedKg).sum())
        .isCloseTo(s.mixed().seedKg(), within(1e-9));
    // One more time over all passes and turns; loads may fill out differently.
    double again = s.mixed().minutes().pass() + s.mixed().minutes().turn();
    assertThat(s.extraMinutes()).isBetween(again - 1e-6, again + 2 * (1.5 + 1));
    assertThatThrownBy(() -> SplitLoads.of(20, seeds.subList(0, 1), 400, drone(45)))
        .hasMessageContaining("at least two");
  }

  /** Turns and refills are part of the share that is not work; they are not counted beside it. */
  @Test
  void hoursCountTurnsAndRefillsOnce() {
    LoadPlan plan =
        LoadPlan.of(
            40, 80, 700, 600, new LoadPlan.Carrier(2, 0.95, null, 9, 2.5, 20, 600, 400, 2.5, null));
    LoadPlan.Minutes m = plan.minutes();
    double field = m.pass() + m.turn() + m.refill();
    assertThat(plan.hours(0.99) * 60).isCloseTo(field + m.ferry(), within(1e-9));
    assertThat(plan.hours(0.5) * 60).isCloseTo(2 * m.pass() + m.ferry(), within(1e-9));
    assertThat(plan.hours(0.5) * 60).isLessThan(m.all() / 0.5);
    assertThatThrownBy(() -> plan.hours(0)).hasMessageContaining("share of the time at work");
  }
}
