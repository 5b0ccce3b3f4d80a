package nimblefurrow.server.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SprayRecords extends JpaRepository<SprayRecord, UUID> {
  List<SprayRecord> findByFarmIdAndFieldIdAndSprayedOnBetween(
      UUID farmId, UUID fieldId, LocalDate from, LocalDate to);
}
