package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClippedPairs extends JpaRepository<ClippedPair, UUID> {
  List<ClippedPair> findByFarmId(UUID farmId);
}
