package nimblefurrow.server.job;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.repository.Repository;

interface SeedingRecords extends Repository<SeedingRecord, UUID>, RowWriting<SeedingRecord> {
  List<SeedingRecord> findByFarmId(UUID farmId);

  Optional<SeedingRecord> findByFarmIdAndLogEntryId(UUID farmId, UUID logEntryId);
}
