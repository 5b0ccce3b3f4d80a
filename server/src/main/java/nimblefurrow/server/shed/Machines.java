package nimblefurrow.server.shed;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Machines extends JpaRepository<Machine, UUID> {
  List<Machine> findByFarmIdOrderByName(UUID farmId);

  List<Machine> findByFarmIdAndRemovedFalseOrderByName(UUID farmId);
}
