package nimblefurrow.server.chain;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "rotation")
class RotationEntity {
  @Id UUID id;
  UUID farmId;
  String name;

  @JdbcTypeCode(SqlTypes.JSON)
  List<StoredRotationYear> years = List.of();

  @Version @Nullable Long version;
}
