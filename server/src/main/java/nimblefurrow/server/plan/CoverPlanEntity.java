package nimblefurrow.server.plan;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "cover_plan")
class CoverPlanEntity {
  @Id UUID id;
  UUID farmId;
  UUID pieceId;
  int seasonYear;

  /** The rotation it came of; null when it was set by hand. */
  @Nullable UUID rotationId;

  PlanStatus status;
  String[] purposes;
  String method;
  LocalDate seedOn;
  String ending;
  LocalDate endOn;

  /** What it is meant to be seeded with; null where any will do. */
  @Nullable UUID machineId;

  /** How it stands between the rows of a crop; null where nobody said. */
  @JdbcTypeCode(SqlTypes.JSON)
  @Nullable StoredRows rowSetup;

  @ElementCollection(fetch = FetchType.LAZY)
  @CollectionTable(name = "cover_component", joinColumns = @JoinColumn(name = "plan_id"))
  @OrderColumn(name = "position")
  List<Component> components = new ArrayList<>();

  @Version @Nullable Long version;

  @Embeddable
  static class Component {
    String species;
    BigDecimal rateKgPerHa;
  }
}
