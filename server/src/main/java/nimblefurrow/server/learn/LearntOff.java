package nimblefurrow.server.learn;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** Something a farm's forecasts are not to be corrected by. */
@Entity
class LearntOff {
  @Id UUID id;
  UUID farmId;
  String what;
}
