package nimblefurrow.server.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.load.LocalPlane;
import nimblefurrow.core.trial.StripMap;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.fields.PieceService;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.springframework.stereotype.Component;

/** The ways of a trial as parts of its field, each planned, done and logged by itself. */
@Component
class TrialParts {
  private static final String ROUND = "round the strips";

  private final FieldService fields;
  private final PieceService pieces;
  private final FarmService farms;

  TrialParts(FieldService fields, PieceService pieces, FarmService farms) {
    this.farms = farms;
    this.fields = fields;
    this.pieces = pieces;
  }

  /**
   * Parts the field.
   *
   * @throws Refused when it is over or parted already, has no boundary, or too few strips fit
   */
  void divide(Trial t) {
    if (t.parts != null) {
      throw new Refused("apart", "The ways of this trial are parts of the field already.");
    }
    if (t.seasonYear < farms.get(t.farmId).thisSeason()) {
      throw new Refused("apart", "The trial of %d is over.".formatted(t.seasonYear));
    }
    String field = fields.get(t.farmId, t.fieldId).name();
    Geometry boundary = fields.boundary(t.farmId, t.fieldId);
    if (boundary == null) {
      throw new Refused("apart", field + " has no boundary to lay strips on; draw one first.");
    }
    LocalPlane plane = LocalPlane.around(boundary);
    Geometry metres = plane.toMetres(boundary);
    List<MultiPolygon> ground =
        StripMap.over(metres, t.stripWidthM, t.bearingDeg)
            .from(t.firstStrip, t.strips.size())
            .parts(metres, t.strips.stream().map(Trial.Strip::treatment).toList());
    List<String> names = new ArrayList<>();
    for (int i = 0; i < ground.size(); i++) {
      names.add(field + ": " + (i < t.treatments.size() ? t.treatments.get(i).name() : ROUND));
    }
    t.parts =
        pieces.divide(
            t.farmId,
            t.fieldId,
            names,
            ground.stream().map(g -> (MultiPolygon) plane.toDegrees(g)).toList());
    t.whole = field;
  }

  /**
   * Joins the field again.
   *
   * @throws Refused when it is not parted, or its parts cannot be joined
   */
  void join(Trial t) {
    List<UUID> parts = t.parts;
    String whole = t.whole;
    if (parts == null || whole == null) {
      throw new Refused("apart", "The ways of this trial are no parts of the field.");
    }
    t.fieldId = pieces.join(t.farmId, new PieceService.JoinInput(parts, whole));
    t.parts = null;
    t.whole = null;
  }

  /** The parts as they are worked now. */
  List<TrialViews.PartView> of(Trial t) {
    List<TrialViews.PartView> all = new ArrayList<>();
    List<UUID> parts = t.parts == null ? List.of() : t.parts;
    for (int i = 0; i < parts.size(); i++) {
      FieldView f = fields.get(t.farmId, parts.get(i));
      all.add(
          new TrialViews.PartView(
              f.id(), f.name(), f.areaHa(), i < t.treatments.size() ? i : null));
    }
    return all;
  }
}
