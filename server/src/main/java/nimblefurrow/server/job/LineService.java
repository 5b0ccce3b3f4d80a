package nimblefurrow.server.job;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.load.LocalPlane;
import nimblefurrow.core.load.SwathLines;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.ShapeFile;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.springframework.stereotype.Service;

/** Lines over a field in degrees. */
@Service
class LineService {
  private static final Geometry NOTHING = new GeometryFactory().createPolygon();

  private static final double WIDEST_MARGIN_M = 500;

  private final FieldService fields;

  LineService(FieldService fields) {
    this.fields = fields;
  }

  /**
   * Lines in degrees.
   *
   * @param bearingDeg of the swaths
   * @param lengthM of all lines
   * @param covered share of the field within half a swath of a line
   * @param lines rounds first, then swaths, each as longitude and latitude
   */
  record Lines(
      String name,
      double bearingDeg,
      double swathM,
      double lengthM,
      double covered,
      double longestM,
      List<Line> lines) {}

  /** One line: a round along the edge or a swath. */
  record Line(String kind, List<double[]> points) {}

  /**
   * Lines over a field.
   *
   * @param marginM kept clear of holes in the boundary: ponds, trees, yards
   * @throws NotFound when the field has no boundary
   */
  Lines lines(
      UUID farmId,
      UUID fieldId,
      double swathM,
      int headlands,
      @Nullable Double bearingDeg,
      double marginM) {
    if (!(marginM >= 0 && marginM <= WIDEST_MARGIN_M)) {
      throw new Refused("marginM", "A margin is 0 to %.0f m wide.".formatted(WIDEST_MARGIN_M));
    }
    String name = fields.get(farmId, fieldId).name();
    Geometry boundary = fields.boundary(farmId, fieldId);
    if (boundary == null) {
      throw new NotFound(name + " has no boundary; import or draw one first.");
    }
    LocalPlane plane = LocalPlane.around(boundary);
    Geometry metres = plane.toMetres(boundary);
    Geometry kept = marginM > 0 ? metres.buffer(-marginM) : metres;
    SwathLines found = SwathLines.over(kept, NOTHING, swathM, headlands, bearingDeg);
    List<Line> lines = new ArrayList<>();
    found.rounds().forEach(l -> lines.add(line("round", plane, l)));
    found.swaths().forEach(l -> lines.add(line("swath", plane, l)));
    double longest = found.swaths().stream().mapToDouble(LineString::getLength).max().orElse(0);
    return new Lines(
        name,
        found.bearingDeg(),
        swathM,
        found.lengthM(),
        Math.min(1, found.covered(swathM)),
        longest,
        lines);
  }

  private static Line line(String kind, LocalPlane plane, LineString metres) {
    List<double[]> points = new ArrayList<>();
    for (Coordinate c : plane.toDegrees(metres).getCoordinates()) {
      points.add(new double[] {c.x, c.y});
    }
    return new Line(kind, points);
  }

  /** The lines as files have them. */
  static ShapeFile file(Lines all) {
    List<ShapeFile.Shape> shapes = new ArrayList<>();
    for (Line line : all.lines()) {
      String name = line.kind() + " " + (shapes.size() + 1);
      shapes.add(new ShapeFile.Shape(line.kind(), name, false, line.points()));
    }
    return new ShapeFile(all.name(), shapes);
  }
}
