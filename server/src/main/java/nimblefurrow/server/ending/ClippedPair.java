package nimblefurrow.server.ending;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.UUID;

@Entity
class ClippedPair {
  @Id UUID id;
  UUID farmId;
  UUID fieldId;
  LocalDate clippedOn;
  double heightCm;
  double cover;
  double mgPerHa;
}
