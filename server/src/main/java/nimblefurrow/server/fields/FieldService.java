package nimblefurrow.server.fields;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.Saving;
import nimblefurrow.server.support.TakenAway;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.MultiPolygon;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fields of farms. Callers have checked who asks. */
@Service
public class FieldService {
  private static final CropView NO_CROP = new CropView("none", null, null, null, null);

  private static final String TABLE = "field";

  private final Fields fields;
  private final FarmService farms;
  private final TakenAway away;

  FieldService(Fields fields, FarmService farms, TakenAway away) {
    this.away = away;
    this.fields = fields;
    this.farms = farms;
  }

  /** All fields of a farm by name, numbers within names in order. */
  @Transactional(readOnly = true)
  public List<FieldView> list(UUID farmId) {
    return list(farmId, farms.get(farmId).seasonYear());
  }

  /** The same with their crops of a season. */
  @Transactional(readOnly = true)
  public List<FieldView> list(UUID farmId, int season) {
    Map<UUID, Map<Integer, CropView>> crops = new HashMap<>();
    for (Fields.PieceCrop c : fields.crops(farmId, season)) {
      crops
          .computeIfAbsent(c.piece(), k -> new HashMap<>())
          .put(
              c.seasonYear(),
              crop(c.kind(), c.plantedOn(), c.maturity(), c.rowSpacingM(), c.harvestOn()));
    }
    return fields.findByFarmIdAndWorkedUntilIsNullOrderByName(farmId).stream()
        .map(f -> view(f, season, crops.getOrDefault(f.pieces.get(0).id, Map.of())))
        .toList();
  }

  /**
   * One field.
   *
   * @throws NotFound when the farm has no such field
   */
  @Transactional(readOnly = true)
  public FieldView get(UUID farmId, UUID fieldId) {
    return view(field(farmId, fieldId), farms.get(farmId).seasonYear());
  }

  /** What a field is called, or was called while it was worked as one. */
  @Transactional(readOnly = true)
  public String called(UUID farmId, UUID fieldId) {
    return field(farmId, fieldId).called();
  }

  /**
   * One field with its crops of a season.
   *
   * @throws NotFound when the farm has no such field
   */
  @Transactional(readOnly = true)
  public FieldView in(UUID farmId, UUID fieldId, int season) {
    return view(field(farmId, fieldId), season);
  }

  /** All fields with their crops of every year there is, by name. */
  @Transactional(readOnly = true)
  public List<FieldYears> years(UUID farmId) {
    return fields.findByFarmIdAndWorkedUntilIsNullOrderByName(farmId).stream()
        .map(FieldService::yearsOf)
        .toList();
  }

  /**
   * One field with its crops of every year there is.
   *
   * @throws NotFound when the farm has no such field
   */
  @Transactional(readOnly = true)
  public FieldYears yearsOf(UUID farmId, UUID fieldId) {
    return yearsOf(field(farmId, fieldId));
  }

  private static FieldYears yearsOf(Field field) {
    FieldPiece piece = field.pieces.get(0);
    Map<Integer, CropView> crops = new TreeMap<>();
    piece.crops.forEach(c -> crops.put(c.seasonYear, cropView(c)));
    return new FieldYears(
        field.id,
        field.version == null ? 0 : field.version,
        field.name,
        field.areaHa().doubleValue(),
        piece.id,
        crops,
        piece.crops.stream()
            .filter(c -> c.rotationId != null)
            .map(c -> c.seasonYear)
            .collect(Collectors.toSet()),
        Map.copyOf(field.leftOut));
  }

  /**
   * Sets the crop of one year.
   *
   * @throws InputProblem when its days are out of order
   */
  @Transactional
  public void plant(UUID farmId, UUID fieldId, int season, CropView crop) {
    FieldChecks.check(crop, season);
    Field field = field(farmId, fieldId);
    crop(field.pieces.get(0), season, crop);
    fields.touch(farmId, List.of(fieldId));
  }

  /** The crop of a year of a piece as a rotation sets it, or as it was before. */
  public record CropSet(UUID pieceId, int season, CropBefore crop) {}

  /**
   * Sets crops of years as they come of a rotation.
   *
   * @return what was there before
   */
  @Transactional
  public List<CropSet> set(UUID farmId, List<CropSet> all) {
    return set(farmId, all, c -> true);
  }

  /** Puts crops back to what they were; what was set by hand since stays. */
  @Transactional
  public void putBack(UUID farmId, List<CropSet> all) {
    set(farmId, all, c -> c.rotationId != null);
  }

  private List<CropSet> set(UUID farmId, List<CropSet> all, Predicate<CropLink> mayGo) {
    Map<UUID, List<CropSet>> byPiece =
        all.stream().collect(Collectors.groupingBy(CropSet::pieceId));
    List<CropSet> before = new ArrayList<>();
    List<UUID> touched = new ArrayList<>();
    for (Field field : fields.findByFarmIdAndWorkedUntilIsNullOrderByName(farmId)) {
      FieldPiece piece = field.pieces.get(0);
      for (CropSet c : byPiece.getOrDefault(piece.id, List.of())) {
        if (link(piece, c.season()).filter(mayGo.negate()).isPresent()) {
          continue;
        }
        before.add(new CropSet(piece.id, c.season(), before(piece, c.season())));
        CropView crop = c.crop().crop();
        if (crop == null) {
          piece.crops.removeIf(l -> l.seasonYear == c.season());
        } else {
          crop(piece, c.season(), crop);
          link(piece, c.season()).ifPresent(l -> l.rotationId = c.crop().rotationId());
        }
        touched.add(field.id);
      }
    }
    fields.touch(farmId, touched);
    return before;
  }

  private static CropBefore before(FieldPiece piece, int season) {
    return link(piece, season)
        .map(c -> CropBefore.of(cropView(c), c.rotationId))
        .orElse(CropBefore.NONE);
  }

  private static Optional<CropLink> link(FieldPiece piece, int season) {
    return piece.crops.stream().filter(c -> c.seasonYear == season).findFirst();
  }

  /** Leaves a field out of covers for a year; no reason takes it in again. */
  @Transactional
  public void leaveOut(UUID farmId, UUID fieldId, int season, @Nullable String reason) {
    leaveOut(field(farmId, fieldId), season, reason);
    fields.touch(farmId, List.of(fieldId));
  }

  /** Boundaries of the fields that have one. */
  @Transactional(readOnly = true)
  public List<ShapeView> shapes(UUID farmId) {
    List<ShapeView> shapes = new ArrayList<>();
    for (Field field : fields.findByFarmIdAndWorkedUntilIsNullOrderByName(farmId)) {
      if (field.boundary != null) {
        shapes.add(ShapeView.of(field.id, field.boundary));
      }
    }
    return shapes;
  }

  /** A field's boundary in degrees; null when none is known. */
  @Transactional(readOnly = true)
  public @Nullable MultiPolygon boundary(UUID farmId, UUID fieldId) {
    return field(farmId, fieldId).boundary;
  }

  /** Adds a field, with a boundary or with an area given. */
  @Transactional
  public FieldView add(UUID farmId, FieldInput input, @Nullable MultiPolygon boundary) {
    FarmView farm = farms.get(farmId);
    FieldChecks.check(input, farm.seasonYear());
    if (boundary == null && input.givenAreaHa() == null) {
      throw new InputProblem(
          "givenAreaHa", "A field without a boundary needs its area to be given.");
    }
    requireFreeName(farmId, input.name(), null);
    Field field = build(farm, input, boundary);
    return view(fields.saveAndFlush(field), farm.seasonYear());
  }

  /** Adds many fields whose names were checked before. */
  @Transactional
  void addAll(UUID farmId, List<FieldInput> inputs, List<MultiPolygon> boundaries) {
    FarmView farm = farms.get(farmId);
    List<Field> all = new ArrayList<>();
    for (int i = 0; i < inputs.size(); i++) {
      FieldChecks.check(inputs.get(i), farm.seasonYear());
      all.add(build(farm, inputs.get(i), boundaries.get(i)));
    }
    all.forEach(fields::save);
    fields.flush();
  }

  private static Field build(FarmView farm, FieldInput input, @Nullable MultiPolygon boundary) {
    Field field = new Field();
    field.id = UUID.randomUUID();
    field.farmId = farm.id();
    field.boundary = boundary;
    if (boundary != null) {
      field.computedAreaHa = decimal(Area.hectares(boundary), 4);
    }
    FieldPiece piece = new FieldPiece();
    piece.id = UUID.randomUUID();
    piece.field = field;
    field.pieces.add(piece);
    fill(field, input, farm.seasonYear());
    return field;
  }

  /**
   * Saves an edited field.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public FieldView change(UUID farmId, UUID fieldId, FieldInput input) {
    FarmView farm = farms.get(farmId);
    FieldChecks.check(input, farm.seasonYear());
    Field field = field(farmId, fieldId);
    ChangedMeanwhile.unless(
        field.version, input.version(), field.name, () -> view(field, farm.seasonYear()));
    requireFreeName(farmId, input.name(), fieldId);
    if (field.boundary == null && input.givenAreaHa() == null) {
      throw new InputProblem(
          "givenAreaHa", "A field without a boundary needs its area to be given.");
    }
    fill(field, input, farm.seasonYear());
    // Crops stand in rows of their own; the field's version counts for them too.
    fields.touch(farmId, List.of(field.id));
    return view(field(farmId, fieldId), farm.seasonYear());
  }

  /**
   * Saves several edited fields: all of them, or none.
   *
   * @throws InputProblem naming each field that cannot be saved so
   * @throws ChangedMeanwhile when someone saved one of them since it was read
   */
  @Saving
  public List<FieldView> change(UUID farmId, List<FieldToPut> several) {
    List<InputProblem.At> wrong = new ArrayList<>();
    List<FieldView> changed = new ArrayList<>();
    for (int i = 0; i < several.size(); i++) {
      FieldToPut put = several.get(i);
      try {
        changed.add(change(farmId, put.id(), put.field()));
      } catch (InputProblem e) {
        for (InputProblem.At at : e.problems()) {
          wrong.add(
              new InputProblem.At(
                  i + ".field." + at.path(), put.field().name() + ": " + at.message()));
        }
      }
    }
    if (!wrong.isEmpty()) {
      throw new InputProblem(wrong);
    }
    return changed;
  }

  /** Sets the day on which the crop after this season's cover is planted. */
  @Transactional
  public void plantNextOn(UUID farmId, UUID fieldId, LocalDate day) {
    Field field = field(farmId, fieldId);
    int year = farms.get(farmId).seasonYear() + 1;
    for (FieldPiece piece : field.pieces) {
      piece.crops.stream().filter(c -> c.seasonYear == year).forEach(c -> c.plantedOn = day);
    }
    fields.touch(farmId, List.of(field.id));
  }

  /**
   * Takes a field off a farm with all that was planned and logged on it; it can be brought back.
   *
   * @param account who takes it off
   */
  @Transactional
  public void remove(UUID farmId, UUID fieldId, UUID account) {
    away.take(farmId, TABLE, fieldId, field(farmId, fieldId).name, account);
  }

  /** Fields that were taken off the farm lately. */
  public List<TakenAway.Away> away(UUID farmId) {
    return away.of(farmId, TABLE);
  }

  /**
   * Brings a field back that was taken off, with all that was planned and logged on it.
   *
   * @throws NotFound when none such was taken off lately
   */
  @Transactional
  public FieldView restore(UUID farmId, UUID fieldId) {
    away.of(farmId, TABLE).stream()
        .filter(a -> a.id().equals(fieldId))
        .forEach(a -> requireFreeName(farmId, a.name(), null));
    away.bringBack(farmId, TABLE, fieldId);
    return get(farmId, fieldId);
  }

  /** Names in use, in small letters. */
  @Transactional(readOnly = true)
  public List<String> names(UUID farmId) {
    return fields.findByFarmIdAndWorkedUntilIsNullOrderByName(farmId).stream()
        .map(f -> f.name.toLowerCase(java.util.Locale.ROOT))
        .toList();
  }

  private void requireFreeName(UUID farmId, String name, @Nullable UUID self) {
    for (Field other : fields.findByFarmIdAndWorkedUntilIsNullOrderByName(farmId)) {
      if (other.name.equalsIgnoreCase(name.strip()) && !other.id.equals(self)) {
        throw new InputProblem("name", "There is already a field called " + other.name + ".");
      }
    }
  }

  private static void fill(Field field, FieldInput input, int seasonYear) {
    field.name = input.name().strip();
    field.givenAreaHa = input.givenAreaHa() == null ? null : decimal(input.givenAreaHa(), 4);
    field.texture = input.texture();
    field.drainage = input.drainage();
    field.tiled = input.tiled();
    field.slopePercent = decimal(input.slopePercent(), 2);
    field.erodible = input.erodible();
    field.organic = input.organic();
    field.rotationNotes = input.rotationNotes();
    if (input.landlord() != null) {
      field.landlord = input.landlord().strip();
    }
    if (input.hazards() != null) {
      field.hazards = input.hazards().strip();
    }
    leaveOut(field, seasonYear, input.leftOutReason());
    FieldPiece piece = field.pieces.get(0);
    crop(piece, seasonYear, input.crop());
    crop(piece, seasonYear + 1, input.nextCrop());
  }

  private static void leaveOut(Field field, int seasonYear, @Nullable String reason) {
    if (reason == null || reason.isBlank()) {
      field.leftOut.remove(seasonYear);
    } else {
      field.leftOut.put(seasonYear, reason.strip());
    }
  }

  private static void crop(FieldPiece piece, int seasonYear, CropView input) {
    CropLink link =
        piece.crops.stream()
            .filter(c -> c.seasonYear == seasonYear)
            .findFirst()
            .orElseGet(
                () -> {
                  CropLink fresh = new CropLink();
                  fresh.id = UUID.randomUUID();
                  fresh.piece = piece;
                  fresh.seasonYear = seasonYear;
                  piece.crops.add(fresh);
                  return fresh;
                });
    if (link.kind == null || !cropView(link).equals(input)) {
      link.rotationId = null;
    }
    link.kind = input.kind();
    link.plantedOn = input.plantedOn();
    link.maturity = input.maturity() == null ? null : decimal(input.maturity(), 2);
    link.rowSpacingM = input.rowSpacingM() == null ? null : decimal(input.rowSpacingM(), 3);
    link.harvestOn = input.harvestOn();
  }

  private static BigDecimal decimal(double value, int places) {
    return BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
  }

  private static FieldView view(Field f, int seasonYear) {
    Map<Integer, CropView> crops = new HashMap<>();
    f.pieces.get(0).crops.forEach(c -> crops.put(c.seasonYear, cropView(c)));
    return view(f, seasonYear, crops);
  }

  private static FieldView view(Field f, int seasonYear, Map<Integer, CropView> crops) {
    return new FieldView(
        f.id,
        f.version == null ? 0 : f.version,
        f.name,
        f.areaHa().doubleValue(),
        f.computedAreaHa.doubleValue(),
        f.givenAreaHa == null ? null : f.givenAreaHa.doubleValue(),
        f.texture,
        f.drainage,
        f.tiled,
        f.slopePercent.doubleValue(),
        f.erodible,
        f.organic,
        f.rotationNotes,
        f.landlord,
        f.hazards,
        f.leftOut.get(seasonYear),
        crops.getOrDefault(seasonYear, NO_CROP),
        crops.getOrDefault(seasonYear + 1, NO_CROP),
        f.ofField,
        f.pieces.stream()
            .sorted(Comparator.comparingInt(p -> p.position))
            .map(p -> new FieldView.PieceView(p.id, p.name, p.share.doubleValue()))
            .toList());
  }

  private static CropView cropView(CropLink c) {
    return crop(c.kind, c.plantedOn, c.maturity, c.rowSpacingM, c.harvestOn);
  }

  private static CropView crop(
      String kind,
      @Nullable LocalDate plantedOn,
      @Nullable BigDecimal maturity,
      @Nullable BigDecimal rowSpacingM,
      @Nullable LocalDate harvestOn) {
    return new CropView(
        kind,
        plantedOn,
        maturity == null ? null : maturity.doubleValue(),
        rowSpacingM == null ? null : rowSpacingM.doubleValue(),
        harvestOn);
  }

  private Field field(UUID farmId, UUID fieldId) {
    return fields.get(farmId, fieldId, "This farm has no such field.");
  }
}
