package nimblefurrow.server.work;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
class WorkKeeping {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  long id;

  UUID farmId;
  Instant keptAt;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(name = "before")
  List<StoredJob> items;

  /** The change of the fields' plans that came of it; null where none did. */
  @Nullable UUID planChange;

  boolean undone;
}
