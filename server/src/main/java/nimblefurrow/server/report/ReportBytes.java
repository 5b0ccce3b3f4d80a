package nimblefurrow.server.report;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** A report as it was given away. */
@Entity
class ReportBytes {
  @Id UUID reportId;
  byte[] pdf;
  String csv;
}
