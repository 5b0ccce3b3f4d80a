package nimblefurrow.server.fields;

import jakarta.persistence.CascadeType;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.MultiPolygon;

@Entity
class Field {
  /** Stands between its name and the day it was divided or joined, which leaves its name free. */
  static final String UNTIL = " until ";

  @Id UUID id;
  UUID farmId;
  String name;

  @Convert(converter = BoundaryConverter.class)
  @Nullable MultiPolygon boundary;

  BigDecimal computedAreaHa = BigDecimal.ZERO;
  @Nullable BigDecimal givenAreaHa;
  String texture = "siltLoam";
  String drainage = "moderate";
  boolean tiled;
  BigDecimal slopePercent = BigDecimal.ZERO;
  boolean erodible;
  boolean organic;

  /** What it was divided from; null for a field that was never divided. */
  @Nullable UUID ofField;

  @Nullable LocalDate workedFrom;

  /** The day it was divided or joined; null while it is worked. */
  @Nullable LocalDate workedUntil;

  String rotationNotes = "";

  /** Whose ground it is; empty for the farm's own. */
  String landlord = "";

  /** What a driver who does not know it must know before going in. */
  String hazards = "";

  /** Why it is left out of covers, by season. */
  @ElementCollection(fetch = FetchType.LAZY)
  @CollectionTable(name = "field_left_out", joinColumns = @JoinColumn(name = "field_id"))
  @MapKeyColumn(name = "season_year")
  @Column(name = "reason")
  Map<Integer, String> leftOut = new HashMap<>();

  @OneToMany(mappedBy = "field", cascade = CascadeType.ALL, orphanRemoval = true)
  @OrderBy("position")
  List<FieldPiece> pieces = new ArrayList<>();

  // Boxed, so that a new field with an id of its own is persisted rather than merged.
  @Version @Nullable Long version;

  /** What it is called, or was while it was worked as one. */
  String called() {
    int until = workedUntil == null ? -1 : name.lastIndexOf(UNTIL);
    return until < 0 ? name : name.substring(0, until);
  }

  BigDecimal areaHa() {
    return givenAreaHa == null ? computedAreaHa : givenAreaHa;
  }
}
