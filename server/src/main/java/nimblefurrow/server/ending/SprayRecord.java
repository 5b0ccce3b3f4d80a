package nimblefurrow.server.ending;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
class SprayRecord {
  @Id UUID logEntryId;
  UUID farmId;
  UUID fieldId;
  LocalDate sprayedOn;

  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, Double> actives;

  String words;
}
