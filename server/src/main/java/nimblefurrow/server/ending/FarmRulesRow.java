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
@Table(name = "farm_rules")
class FarmRulesRow {
  @Id UUID farmId;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredRules ending;

  @Version @Nullable Long version;
}
