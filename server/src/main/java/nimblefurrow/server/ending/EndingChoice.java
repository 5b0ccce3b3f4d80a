package nimblefurrow.server.ending;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class EndingChoice {
  @Id UUID id;
  UUID farmId;
  UUID fieldId;
  int seasonYear;
  String way;
  LocalDate endOn;
  LocalDate plantOn;

  /** The day the crop was wished before; null in choices from before it was kept. */
  @Nullable LocalDate wishedOn;

  String why;
  @Nullable UUID accountId;
  Instant chosenAt;
}
