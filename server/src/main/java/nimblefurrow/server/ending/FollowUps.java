package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FollowUps extends JpaRepository<FollowUp, UUID> {
  List<FollowUp> findByFarmIdOrderByDueFrom(UUID farmId);
}
