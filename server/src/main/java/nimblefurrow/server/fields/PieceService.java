package nimblefurrow.server.fields;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.chain.PieceCut;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Divides fields into pieces that are worked apart, and joins them again. A piece is a field of its
 * own from then on: whatever is asked of fields is asked of pieces. Callers have checked who asks.
 */
@Service
public class PieceService {
  private static final int PLACES = 4;
  private static final int LONGEST_NAME = 80;

  private final Fields fields;
  private final FarmService farms;
  private final ApplicationEventPublisher events;

  PieceService(Fields fields, FarmService farms, ApplicationEventPublisher events) {
    this.fields = fields;
    this.farms = farms;
    this.events = events;
  }

  /**
   * How a field is to be divided.
   *
   * @param version of the field that was read
   * @param names of the two pieces
   * @param line across the field, longitude and latitude of its points; null when an area is given
   * @param areaHa of the first piece; null when a line is given
   */
  public record SplitInput(
      @Nullable Long version,
      List<String> names,
      @Nullable List<double[]> line,
      @Nullable Double areaHa) {}

  /**
   * What is to be worked as one.
   *
   * @param fieldIds two pieces of one field
   * @param name of what they become
   */
  public record JoinInput(List<UUID> fieldIds, String name) {}

  /** A part as it would be, or is. */
  public record PartView(
      @Nullable UUID id, String name, double areaHa, @Nullable ShapeView shape) {}

  private record Cut(@Nullable MultiPolygon boundary, BigDecimal computed, BigDecimal worked) {}

  /** The pieces a division would make; nothing changes. */
  @Transactional(readOnly = true)
  public List<PartView> preview(UUID farmId, UUID fieldId, SplitInput in) {
    Field whole = fields.get(farmId, fieldId, "This farm has no such field.");
    List<Cut> cuts = cut(whole, in);
    List<PartView> all = new ArrayList<>();
    for (int i = 0; i < cuts.size(); i++) {
      Cut c = cuts.get(i);
      String name = i < in.names().size() ? in.names().get(i) : "";
      all.add(
          new PartView(
              null,
              name,
              c.worked().doubleValue(),
              c.boundary() == null ? null : ShapeView.of(fieldId, c.boundary())));
    }
    return all;
  }

  /**
   * Divides a field in two from today on; both keep its past.
   *
   * @return the ids of the pieces, in the order of their names
   */
  @Transactional
  public List<UUID> split(UUID farmId, UUID fieldId, SplitInput in) {
    Field whole = fields.get(farmId, fieldId, "This farm has no such field.");
    ChangedMeanwhile.unless(whole.version, in.version(), whole.name, () -> "another field");
    requireWorked(whole);
    requireNames(farmId, in.names(), List.of(whole.id));
    LocalDate today = farms.get(farmId).today();
    List<Cut> cuts = cut(whole, in);
    List<Field> parts = new ArrayList<>();
    for (int i = 0; i < cuts.size(); i++) {
      parts.add(part(whole, cuts.get(i), in.names().get(i).strip(), today));
    }
    retire(whole, today);
    fields.flush();
    parts.forEach(fields::save);
    fields.flush();
    events.publishEvent(
        new FieldSplit(
            farmId,
            whole.id,
            parts.stream().map(f -> f.id).toList(),
            shares(cuts),
            whole.pieces.get(0).id,
            parts.stream().map(f -> f.pieces.get(0).id).toList(),
            today));
    return parts.stream().map(f -> f.id).toList();
  }

  /** Of the whole's area, which the cuts make up. */
  private static List<Double> shares(List<Cut> cuts) {
    double all = cuts.stream().mapToDouble(c -> c.worked().doubleValue()).sum();
    return cuts.stream().map(c -> c.worked().doubleValue() / all).toList();
  }

  /**
   * Works two pieces of one field as one from today on, with the past of both.
   *
   * @return the id of what they become
   */
  @Transactional
  public UUID join(UUID farmId, JoinInput in) {
    if (in.fieldIds().stream().distinct().count() != 2) {
      throw new Refused("fieldIds", "Two pieces are joined at a time.");
    }
    List<Field> parts =
        in.fieldIds().stream()
            .map(id -> fields.get(farmId, id, "This farm has no such field."))
            .toList();
    parts.forEach(PieceService::requireWorked);
    Field a = parts.get(0);
    Field b = parts.get(1);
    if (a.ofField == null || !Objects.equals(a.ofField, b.ofField)) {
      throw new Refused(
          "fieldIds",
          "%s and %s are not pieces of one field: only what was divided can be joined again."
              .formatted(a.name, b.name));
    }
    int season = farms.get(farmId).thisSeason();
    requireSameCrop(a, b, season);
    requireSameCrop(a, b, season + 1);
    requireNames(farmId, List.of(in.name()), in.fieldIds());
    LocalDate today = farms.get(farmId).today();
    MultiPolygon boundary =
        a.boundary == null || b.boundary == null ? null : union(a.boundary, b.boundary);
    boolean given = a.givenAreaHa != null || b.givenAreaHa != null;
    Field joined =
        part(
            a,
            new Cut(boundary, a.computedAreaHa.add(b.computedAreaHa), a.areaHa().add(b.areaHa())),
            in.name().strip(),
            today);
    joined.givenAreaHa = given ? a.areaHa().add(b.areaHa()) : null;
    joined.ofField = a.ofField;
    // A driver must know of what is in either part.
    if (!b.hazards.isEmpty() && !a.hazards.contains(b.hazards)) {
      joined.hazards = a.hazards.isEmpty() ? b.hazards : a.hazards + "; " + b.hazards;
    }
    parts.forEach(p -> retire(p, today));
    fields.flush();
    fields.save(joined);
    fields.flush();
    events.publishEvent(
        new FieldsJoined(
            farmId,
            in.fieldIds(),
            joined.id,
            parts.stream().map(f -> f.pieces.get(0).id).toList(),
            joined.pieces.get(0).id,
            today));
    return joined.id;
  }

  /** Parts that sum to the whole to the last digit that is kept. */
  private static List<Cut> cut(Field whole, SplitInput in) {
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

  private static Field part(Field of, Cut cut, String name, LocalDate today) {
    Field part = new Field();
    part.id = UUID.randomUUID();
    part.farmId = of.farmId;
    part.name = name;
    part.boundary = cut.boundary();
    part.computedAreaHa = cut.computed();
    boolean given = of.givenAreaHa != null || cut.worked().compareTo(cut.computed()) != 0;
    part.givenAreaHa = given ? cut.worked() : null;
    part.texture = of.texture;
    part.drainage = of.drainage;
    part.tiled = of.tiled;
    part.slopePercent = of.slopePercent;
    part.erodible = of.erodible;
    part.organic = of.organic;
    part.rotationNotes = of.rotationNotes;
    part.landlord = of.landlord;
    part.hazards = of.hazards;
    part.leftOut = new HashMap<>(of.leftOut);
    part.ofField = of.ofField == null ? of.id : of.ofField;
    part.workedFrom = today;
    FieldPiece piece = new FieldPiece();
    piece.id = UUID.randomUUID();
    piece.field = part;
    for (CropLink c : of.pieces.get(0).crops) {
      CropLink copy = new CropLink();
      copy.id = UUID.randomUUID();
      copy.piece = piece;
      copy.seasonYear = c.seasonYear;
      copy.kind = c.kind;
      copy.plantedOn = c.plantedOn;
      copy.maturity = c.maturity;
      copy.rowSpacingM = c.rowSpacingM;
      copy.harvestOn = c.harvestOn;
      copy.rotationId = c.rotationId;
      piece.crops.add(copy);
    }
    part.pieces.add(piece);
    return part;
  }

  /** What was is kept under a name that leaves its own free. */
  private static void retire(Field field, LocalDate today) {
    field.workedUntil = today;
    field.name = field.name + " until " + today + " " + field.id.toString().substring(0, 4);
  }

  private static void requireWorked(Field field) {
    if (field.workedUntil != null) {
      throw new Refused(
          "fieldIds", field.name + " is not worked as one any more: it was divided or joined.");
    }
  }

  private static void requireSameCrop(Field a, Field b, int season) {
    String first = crop(a, season);
    String second = crop(b, season);
    if (!first.equals(second)) {
      throw new Refused(
          "fieldIds",
          "In %d %s has %s and %s has %s: pieces are joined when the same stands on both."
              .formatted(
                  season, a.name, CropKind.of(first).label(), b.name, CropKind.of(second).label()));
    }
  }

  private static String crop(Field field, int season) {
    return field.pieces.get(0).crops.stream()
        .filter(c -> c.seasonYear == season)
        .map(c -> c.kind)
        .findFirst()
        .orElse(CropKind.NONE.key());
  }

  private void requireNames(UUID farmId, List<String> names, List<UUID> gone) {
    for (int i = 0; i < names.size(); i++) {
      String name = names.get(i).strip();
      if (name.isEmpty() || name.length() > LONGEST_NAME) {
        throw new InputProblem("names", "A piece needs a name of up to 80 characters.");
      }
      boolean twice = names.stream().filter(n -> n.strip().equalsIgnoreCase(name)).count() > 1;
      boolean taken =
          fields.findByFarmIdAndWorkedUntilIsNullOrderByName(farmId).stream()
              .anyMatch(f -> f.name.equalsIgnoreCase(name) && !gone.contains(f.id));
      if (twice || taken) {
        throw new InputProblem("names", "There is already a field called " + name + ".");
      }
    }
    if (names.isEmpty()) {
      throw new InputProblem("names", "Give the pieces their names.");
    }
  }

  private static MultiPolygon union(MultiPolygon a, MultiPolygon b) {
    Geometry both =
        org.locationtech.jts.operation.overlayng.OverlayNGRobust.overlay(
            a, b, org.locationtech.jts.operation.overlayng.OverlayNG.UNION);
    List<Polygon> polygons = new ArrayList<>();
    for (int i = 0; i < both.getNumGeometries(); i++) {
      if (both.getGeometryN(i) instanceof Polygon p) {
        polygons.add(p);
      }
    }
    return a.getFactory().createMultiPolygon(polygons.toArray(Polygon[]::new));
  }
}
