package nimblefurrow.server.work;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CrewMembers extends JpaRepository<CrewMember, UUID> {
  List<CrewMember> findByFarmIdOrderByName(UUID farmId);
}
