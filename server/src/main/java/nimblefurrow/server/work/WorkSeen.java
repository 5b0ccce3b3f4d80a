package nimblefurrow.server.work;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
class WorkSeen {
  @Id UUID farmId;

  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, String> seen;
}
