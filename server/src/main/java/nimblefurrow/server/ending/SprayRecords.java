package nimblefurrow.server.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.repository.Repository;

interface SprayRecords extends Repository<SprayRecord, UUID>, RowWriting<SprayRecord> {
  List<SprayRecord> findByFarmIdAndFieldIdAndSprayedOnBetween(
      UUID farmId, UUID fieldId, LocalDate from, LocalDate to);

  boolean existsByFarmIdAndLogEntryId(UUID farmId, UUID logEntryId);
}
