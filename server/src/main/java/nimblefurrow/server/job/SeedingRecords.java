package nimblefurrow.server.job;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SeedingRecords extends JpaRepository<SeedingRecord, UUID> {
  List<SeedingRecord> findByFarmId(UUID farmId);
}
