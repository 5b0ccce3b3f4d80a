package nimblefurrow.server.seedstock;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SeedUses extends JpaRepository<SeedUse, UUID> {
  List<SeedUse> findByFarmId(UUID farmId);

  void deleteByLogEntryId(UUID logEntryId);
}
