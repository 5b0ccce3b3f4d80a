package nimblefurrow.server.report;

import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ReportFiles extends Repository<ReportBytes, UUID>, RowWriting<ReportBytes> {
  /** What was given away of a farm's report. */
  @Query(
      "select b from ReportBytes b, ReportRow r where r.farmId = :farmId and r.id = :reportId"
          + " and b.reportId = r.id")
  Optional<ReportBytes> ofReport(UUID farmId, UUID reportId);
}
