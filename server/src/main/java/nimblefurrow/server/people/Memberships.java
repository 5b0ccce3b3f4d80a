package nimblefurrow.server.people;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Memberships extends JpaRepository<Membership, Membership.Key> {
  List<Membership> findByKeyAccountId(UUID accountId);

  List<Membership> findByKeyFarmId(UUID farmId);
}
