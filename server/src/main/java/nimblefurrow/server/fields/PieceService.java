package nimblefurrow.server.fields;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.MultiPolygon;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Divides fields into pieces that are worked apart, and joins them again. A piece is a field of its
 * own from then on: whatever is asked of fields is asked of pieces. Callers have checked who asks.
 */
@Service
public class PieceService {
  /** Letters of a field's name. */
  public static final int LONGEST_NAME = 80;

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
   * @param fieldIds pieces of one field
   * @param name of what they become
   */
  public record JoinInput(List<UUID> fieldIds, String name) {}

  /** A part as it would be, or is. */
  public record PartView(
      @Nullable UUID id, String name, double areaHa, @Nullable ShapeView shape) {}

  /** The pieces a division would make; nothing changes. */
  @Transactional(readOnly = true)
  public List<PartView> preview(UUID farmId, UUID fieldId, SplitInput in) {
    Field whole = fields.get(farmId, fieldId, "This farm has no such field.");
    List<Cut> cuts = Cut.of(whole, in);
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
    return divided(whole, in.names(), w -> Cut.of(w, in));
  }

  /**
   * Divides a field into parts that lie as they are given, from today on; all keep its past.
   *
   * @param names of the parts
   * @param boundaries of the parts, in degrees, which make up the field's
   * @return their ids, in the order of their names
   */
  @Transactional
  public List<UUID> divide(
      UUID farmId, UUID fieldId, List<String> names, List<MultiPolygon> boundaries) {
    Field whole = fields.get(farmId, fieldId, "This farm has no such field.");
    return divided(whole, names, w -> Cut.along(w, boundaries));
  }

  private List<UUID> divided(Field whole, List<String> names, Function<Field, List<Cut>> by) {
    requireWorked(whole);
    requireNames(whole.farmId, names, List.of(whole.id));
    LocalDate today = farms.get(whole.farmId).today();
    List<Cut> cuts = by.apply(whole);
    List<Field> parts = new ArrayList<>();
    for (int i = 0; i < cuts.size(); i++) {
      parts.add(part(whole, cuts.get(i), names.get(i).strip(), today));
    }
    retire(whole, today);
    fields.flush();
    parts.forEach(fields::save);
    fields.flush();
    events.publishEvent(
        new FieldSplit(
            whole.farmId,
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
   * Works pieces of one field as one from today on, with the past of all.
   *
   * @return the id of what they become
   */
  @Transactional
  public UUID join(UUID farmId, JoinInput in) {
    return joined(farmId, in.fieldIds(), in.name(), null);
  }

  /**
   * Works all pieces of a divided field as that field again, with its own name and boundary, to the
   * last digit, and the past of all.
   *
   * @param fieldIds all its pieces
   * @return the id of what they become
   */
  @Transactional
  public UUID undivide(UUID farmId, UUID wholeId, List<UUID> fieldIds) {
    Field whole = fields.get(farmId, wholeId, "This farm has no such field.");
    return joined(farmId, fieldIds, whole.called(), whole);
  }

  private UUID joined(UUID farmId, List<UUID> fieldIds, String name, @Nullable Field whole) {
    if (fieldIds.size() < 2 || fieldIds.stream().distinct().count() < fieldIds.size()) {
      throw new Refused("fieldIds", "Two pieces or more are joined, each named once.");
    }
    List<Field> parts =
        fieldIds.stream()
            .map(id -> fields.get(farmId, id, "This farm has no such field."))
            .toList();
    parts.forEach(PieceService::requireWorked);
    Field first = parts.get(0);
    int season = farms.get(farmId).thisSeason();
    for (Field other : parts.subList(1, parts.size())) {
      if (first.ofField == null || !Objects.equals(first.ofField, other.ofField)) {
        throw new Refused(
            "fieldIds",
            "%s and %s are not pieces of one field: only what was divided can be joined again."
                .formatted(first.name, other.name));
      }
      requireSameCrop(first, other, season);
      requireSameCrop(first, other, season + 1);
    }
    requireNames(farmId, List.of(name), fieldIds);
    LocalDate today = farms.get(farmId).today();
    Cut cut = whole == null ? Cut.together(parts) : Cut.all(whole);
    Field joined = part(first, cut, name.strip(), today);
    boolean given =
        whole == null
            ? parts.stream().anyMatch(p -> p.givenAreaHa != null)
            : whole.givenAreaHa != null;
    joined.givenAreaHa = given ? cut.worked() : null;
    joined.ofField = first.ofField;
    joined.hazards = hazards(parts);
    parts.forEach(p -> retire(p, today));
    fields.flush();
    fields.save(joined);
    fields.flush();
    events.publishEvent(
        new FieldsJoined(
            farmId,
            fieldIds,
            joined.id,
            parts.stream().map(f -> f.pieces.get(0).id).toList(),
            joined.pieces.get(0).id,
            today));
    return joined.id;
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
    field.name = field.name + Field.UNTIL + today + " " + field.id.toString().substring(0, 4);
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

  /** A driver must know of what is in any part. */
  private static String hazards(List<Field> parts) {
    String all = "";
    for (Field p : parts) {
      if (!p.hazards.isEmpty() && !all.contains(p.hazards)) {
        all = all.isEmpty() ? p.hazards : all + "; " + p.hazards;
      }
    }
    return all;
  }
}
