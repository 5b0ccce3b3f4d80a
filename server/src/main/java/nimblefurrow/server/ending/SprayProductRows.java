package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SprayProductRows extends JpaRepository<SprayProductRow, UUID> {
  List<SprayProductRow> findByFarmIdOrderByName(UUID farmId);
}
