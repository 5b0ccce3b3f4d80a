package nimblefurrow.server.ending;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "spray_product")
class SprayProductRow {
  @Id UUID id;
  UUID farmId;
  String name;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredProduct label;

  @Version @Nullable Long version;
}
