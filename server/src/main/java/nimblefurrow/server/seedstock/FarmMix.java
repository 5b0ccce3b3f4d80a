package nimblefurrow.server.seedstock;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
class FarmMix {
  @Id UUID id;
  UUID farmId;
  String name;

  @JdbcTypeCode(SqlTypes.JSON)
  List<StoredSeed> components;

  @Version @Nullable Long version;
}
