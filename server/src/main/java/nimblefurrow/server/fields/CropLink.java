package nimblefurrow.server.fields;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A cash crop in a piece's chain, under the year in which it is taken off. */
@Entity
class CropLink {
  @Id UUID id;

  @ManyToOne(fetch = FetchType.LAZY)
  FieldPiece piece;

  int seasonYear;
  String kind;
  @Nullable LocalDate plantedOn;
  @Nullable BigDecimal maturity;

  @Column(name = "row_spacing_m")
  @Nullable BigDecimal rowSpacingM;

  @Nullable LocalDate harvestOn;

  /** The rotation it came of; null when it was set by hand. */
  @Nullable UUID rotationId;

  @Version @Nullable Long version;
}
