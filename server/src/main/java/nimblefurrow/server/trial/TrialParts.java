package nimblefurrow.server.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import nimblefurrow.core.load.LocalPlane;
import nimblefurrow.core.trial.StripMap;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.fields.PieceService;
import nimblefurrow.server.money.FieldAccounts;
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
  private final FieldAccounts accounts;

  TrialParts(FieldService fields, PieceService pieces, FarmService farms, FieldAccounts accounts) {
    this.farms = farms;
    this.accounts = accounts;
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
    String field = fields.called(t.farmId, t.fieldId);
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
      names.add(name(field, i, i < t.treatments.size() ? t.treatments.get(i).name() : ROUND));
    }
    t.parts =
        pieces.divide(
            t.farmId,
            t.fieldId,
            names,
            ground.stream().map(g -> (MultiPolygon) plane.toDegrees(g)).toList());
  }

  /** What a part is called: by its way, or by the way's place where that is too long. */
  private static String name(String field, int place, String way) {
    String name = field + ": " + way;
    return name.length() <= PieceService.LONGEST_NAME ? name : field + ": way " + (place + 1);
  }

  /** Whether its ways can be parted: its season is not over, and its strips lie on the field. */
  boolean can(Trial t, DrawnStrips drawn) {
    return t.parts == null
        && t.seasonYear >= farms.get(t.farmId).thisSeason()
        && drawn.rings().size() == t.strips.size();
  }

  /**
   * Joins the field again.
   *
   * @throws Refused when it is not parted, or its parts cannot be joined
   */
  void join(Trial t) {
    List<UUID> parts = t.parts;
    if (parts == null) {
      throw new Refused("apart", "The ways of this trial are no parts of the field.");
    }
    t.fieldId = pieces.undivide(t.farmId, t.fieldId, parts);
    t.parts = null;
  }

  /**
   * What each way costs after its part's account, $/ha.
   *
   * @throws Refused when it is not parted, or a part has no account
   */
  List<Double> costs(Trial t) {
    List<TrialViews.PartView> all = of(t);
    List<Double> costs = new ArrayList<>();
    for (int i = 0; i < t.treatments.size(); i++) {
      Double usd = i < all.size() ? all.get(i).usdPerHa() : null;
      if (usd == null) {
        throw new Refused(
            "usdPerHa[" + i + "]",
            "What “%s” costs is not in an account: plan a cover on its part first."
                .formatted(t.treatments.get(i).name()));
      }
      costs.add(usd);
    }
    return costs;
  }

  /** The parts as they are worked now. */
  List<TrialViews.PartView> of(Trial t) {
    List<TrialViews.PartView> all = new ArrayList<>();
    List<UUID> parts = t.parts == null ? List.of() : t.parts;
    for (int i = 0; i < parts.size(); i++) {
      FieldView f = fields.get(t.farmId, parts.get(i));
      OptionalDouble spent = accounts.spent(t.farmId, f.id(), t.seasonYear);
      all.add(
          new TrialViews.PartView(
              f.id(),
              f.name(),
              f.areaHa(),
              i < t.treatments.size() ? i : null,
              spent.isPresent() ? spent.getAsDouble() : null));
    }
    return all;
  }
}
