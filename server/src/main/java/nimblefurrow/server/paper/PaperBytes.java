package nimblefurrow.server.paper;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** A paper's file, apart, so that a list of papers reads none. */
@Entity
class PaperBytes {
  @Id UUID paperId;
  byte[] whole;
}
