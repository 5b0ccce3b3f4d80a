package nimblefurrow.server.report;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.springframework.data.jpa.repository.Query;

interface ReportRows extends FarmRows<ReportRow, UUID> {
  List<ReportRow> findByFarmIdOrderByNumberDesc(UUID farmId);

  @Query("select max(r.number) from ReportRow r where r.farmId = :farmId")
  Optional<Integer> last(UUID farmId);
}
