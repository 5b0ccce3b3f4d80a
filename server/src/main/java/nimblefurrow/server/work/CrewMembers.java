package nimblefurrow.server.work;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface CrewMembers extends FarmRows<CrewMember, UUID> {
  List<CrewMember> findByFarmIdOrderByName(UUID farmId);
}
