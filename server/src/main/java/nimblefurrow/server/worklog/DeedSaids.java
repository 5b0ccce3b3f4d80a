package nimblefurrow.server.worklog;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeedSaids extends JpaRepository<DeedSaid, DeedSaid.Key> {
  List<DeedSaid> findByFarmIdAndKeySeasonYear(UUID farmId, int seasonYear);
}
