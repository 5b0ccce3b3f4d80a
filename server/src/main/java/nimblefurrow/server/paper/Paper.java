package nimblefurrow.server.paper;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import nimblefurrow.core.paper.PaperHolder;
import nimblefurrow.core.paper.PaperKind;
import org.jspecify.annotations.Nullable;

/** A paper, without its bytes. */
@Entity
class Paper {
  @Id UUID id;
  UUID farmId;
  PaperHolder holder;

  /** The lot, product or field; the farm's own id where it is the farm's. */
  UUID holderId;

  PaperKind kind;
  String name;
  String mediaType;
  int size;

  /** Taken out; it can be brought back. */
  boolean away;

  @Nullable UUID accountId;
  Instant addedAt;
}
