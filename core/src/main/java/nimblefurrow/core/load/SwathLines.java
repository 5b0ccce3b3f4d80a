package nimblefurrow.core.load;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * The lines a machine follows over a field: rounds along the edge, then parallel swaths inside,
 * every other one the other way. Metres; no line leaves the field or enters an obstacle.
 *
 * @param bearingDeg of the swaths, 0 north to below 180
 * @param rounds along the edges, outermost first
 * @param swaths in the order they are driven or flown
 * @param workable the field less its obstacles
 */
public record SwathLines(
    double bearingDeg, List<LineString> rounds, List<LineString> swaths, Geometry workable) {
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final double SHORTEST_M = 1;
  private static final int DEGREES_APART = 10;
  private static final int MOST_ROUNDS = 6;
  private static final double NARROWEST_M = 0.5;
  private static final double WIDEST_M = 100;
  private static final int MOST_SWATHS = 1500;

  /** Strips that may be without a line: the outermost two, and a tip or gap or two. */
  private static final int SPARED = 4;

  private static final Comparator<SwathLines> FEWEST_TURNS =
      Comparator.comparingInt((SwathLines l) -> l.swaths().size())
          .thenComparingDouble(SwathLines::lengthM);

  public SwathLines {
    rounds = List.copyOf(rounds);
    swaths = List.copyOf(swaths);
  }

  /**
   * Lines over a field.
   *
   * @param field polygons in metres
   * @param obstacles what must not be crossed, with their margins; may be empty
   * @param swathM effective width
   * @param headlands rounds along the edge, 0 to 6
   * @param bearingDeg of the swaths; null for the one with the fewest turns, then the shortest way
   * @return the swath lines
   * @throws Refused when the field is not a sound polygon or nothing is left to work
   */
  public static SwathLines over(
      Geometry field,
      Geometry obstacles,
      double swathM,
      int headlands,
      @Nullable Double bearingDeg) {
    if (!(swathM >= NARROWEST_M && swathM <= WIDEST_M)) {
      throw new Refused(
          "swathM",
          "A swath is %.1f to %.0f m wide; it is %s.".formatted(NARROWEST_M, WIDEST_M, swathM));
    }
    if (headlands < 0 || headlands > MOST_ROUNDS) {
      throw new Refused("headlands", "Rounds along the edge are 0 to 6; it is " + headlands + ".");
    }
    if (field.isEmpty() || field.getDimension() < 2) {
      throw new Refused("boundary", "The field has no boundary; draw or import one first.");
    }
    if (!field.isValid()) {
      throw new Refused("boundary", "The boundary crosses itself; mend it first.");
    }
    Envelope box = field.getEnvelopeInternal();
    double across = Math.hypot(box.getWidth(), box.getHeight()) / swathM;
    if (across > MOST_SWATHS) {
      throw new Refused(
          "swathM",
          "Swaths of %.1f m would make some %.0f lines over this field; %d are drawn at most."
              .formatted(swathM, across, MOST_SWATHS));
    }
    Geometry workable = field.difference(obstacles);
    if (workable.getArea() < swathM * swathM) {
      throw new Refused(
          "swathM", "What is left to work is smaller than one swath of %.1f m.".formatted(swathM));
    }
    List<LineString> rounds = rounds(workable, swathM, headlands);
    Geometry inside = headlands == 0 ? workable : workable.buffer(-swathM * headlands);
    if (inside.isEmpty()) {
      return new SwathLines(bearingDeg == null ? 0 : bearingDeg, rounds, List.of(), workable);
    }
    if (bearingDeg != null) {
      double b = ((bearingDeg % 180) + 180) % 180;
      return new SwathLines(b, rounds, swaths(inside, workable, swathM, b), workable);
    }
    SwathLines best = null;
    for (double b : narrowestFirst(candidates(workable), inside)) {
      // Every strip but the outermost holds a line: a field that is wider than this is not drawn.
      if (best != null && across(inside, b) / swathM > best.swaths().size() + SPARED) {
        break;
      }
      SwathLines lines = new SwathLines(b, rounds, swaths(inside, workable, swathM, b), workable);
      if (best == null || FEWEST_TURNS.compare(lines, best) < 0) {
        best = lines;
      }
    }
    return Objects.requireNonNull(best);
  }

  private static List<Double> narrowestFirst(List<Double> bearings, Geometry inside) {
    return bearings.stream().sorted(Comparator.comparingDouble(b -> across(inside, b))).toList();
  }

  /** How wide it is across a direction, m. */
  private static double across(Geometry area, double bearingDeg) {
    double cos = Math.cos(Math.toRadians(bearingDeg));
    double sin = Math.sin(Math.toRadians(bearingDeg));
    DoubleSummaryStatistics x =
        Arrays.stream(area.getCoordinates())
            .mapToDouble(c -> c.x * cos - c.y * sin)
            .summaryStatistics();
    return x.getMax() - x.getMin();
  }

  /** {@return metres of all lines} */
  public double lengthM() {
    return rounds.stream().mapToDouble(LineString::getLength).sum()
        + swaths.stream().mapToDouble(LineString::getLength).sum();
  }

  /**
   * {@return share of the field the machine reaches, each line as wide as its swath}
   *
   * @param swathM width of a swath, m
   */
  public double covered(double swathM) {
    List<Geometry> strips = new ArrayList<>();
    // Six points a quarter circle are round enough, and quick.
    rounds.forEach(r -> strips.add(r.buffer(swathM / 2, 6)));
    swaths.forEach(s -> strips.add(s.buffer(swathM / 2, 1, 2)));
    Geometry all = SHAPES.buildGeometry(strips).union();
    return all.intersection(workable).getArea() / workable.getArea();
  }

  private static List<LineString> rounds(Geometry workable, double swathM, int headlands) {
    List<LineString> rounds = new ArrayList<>();
    for (int r = 0; r < headlands; r++) {
      Geometry ring = workable.buffer(-swathM * (r + 0.5));
      for (int i = 0; i < ring.getNumGeometries(); i++) {
        if (ring.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
          rounds.add(SHAPES.createLineString(p.getExteriorRing().getCoordinates()));
          for (int h = 0; h < p.getNumInteriorRing(); h++) {
            rounds.add(SHAPES.createLineString(p.getInteriorRingN(h).getCoordinates()));
          }
        }
      }
    }
    return rounds;
  }

  /** Every ten degrees, and along the longest edges. */
  private static List<Double> candidates(Geometry workable) {
    List<Double> all = new ArrayList<>();
    IntStream.range(0, 180 / DEGREES_APART).forEach(i -> all.add((double) i * DEGREES_APART));
    Coordinate[] c = workable.getCoordinates();
    IntStream.range(1, c.length)
        .boxed()
        .sorted(Comparator.comparingDouble(i -> -c[i].distance(c[i - 1])))
        .limit(6)
        .forEach(
            i -> {
              double east = c[i].x - c[i - 1].x;
              double north = c[i].y - c[i - 1].y;
              all.add((Math.toDegrees(Math.atan2(east, north)) + 360) % 180);
            });
    return all;
  }

  private static List<LineString> swaths(
      Geometry inside, Geometry workable, double swathM, double bearingDeg) {
    // Turned so that swaths run along y; turned back at the end.
    AffineTransformation turn =
        AffineTransformation.rotationInstance(Math.toRadians(bearingDeg), 0, 0);
    AffineTransformation back =
        AffineTransformation.rotationInstance(Math.toRadians(-bearingDeg), 0, 0);
    Geometry area = turn.transform(inside);
    Geometry limits = turn.transform(workable);
    Envelope box = area.getEnvelopeInternal();
    int n = LoadPlan.up(box.getWidth() / swathM);
    double first = box.getMinX() - (n * swathM - box.getWidth()) / 2 + swathM / 2;
    List<LineString> lines = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double x = first + i * swathM;
      List<LineString> across = new ArrayList<>();
      for (double[] span : spans(area, x, swathM, box)) {
        Geometry line =
            SHAPES.createLineString(
                new Coordinate[] {new Coordinate(x, span[0]), new Coordinate(x, span[1])});
        Geometry kept = line.intersection(limits);
        for (int k = 0; k < kept.getNumGeometries(); k++) {
          if (kept.getGeometryN(k) instanceof LineString l && l.getLength() >= SHORTEST_M) {
            across.add(upward(l));
          }
        }
      }
      across.sort(Comparator.comparingDouble(l -> l.getCoordinateN(0).y));
      boolean down = i % 2 == 1;
      for (int k = 0; k < across.size(); k++) {
        LineString l = across.get(down ? across.size() - 1 - k : k);
        lines.add((LineString) back.transform(down ? l.reverse() : l));
      }
    }
    return lines;
  }

  /**
   * Where the strip about {@code x} holds something to work, as spans of y, joined where they meet.
   */
  private static List<double[]> spans(Geometry area, double x, double swathM, Envelope box) {
    Geometry strip =
        SHAPES.toGeometry(
            new Envelope(x - swathM / 2, x + swathM / 2, box.getMinY() - 1, box.getMaxY() + 1));
    Geometry cut = area.intersection(strip);
    List<double[]> all = new ArrayList<>();
    for (int i = 0; i < cut.getNumGeometries(); i++) {
      Geometry part = cut.getGeometryN(i);
      if (part.getArea() > 0) {
        Envelope e = part.getEnvelopeInternal();
        all.add(new double[] {e.getMinY(), e.getMaxY()});
      }
    }
    all.sort(Comparator.comparingDouble(s -> s[0]));
    List<double[]> joined = new ArrayList<>();
    for (double[] s : all) {
      double[] last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      if (last != null && s[0] <= last[1]) {
        last[1] = Math.max(last[1], s[1]);
      } else {
        joined.add(s);
      }
    }
    return joined;
  }

  private static LineString upward(LineString l) {
    return l.getCoordinateN(0).y <= l.getCoordinateN(l.getNumPoints() - 1).y ? l : l.reverse();
  }
}
