package nimblefurrow.server.farm;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Farms extends JpaRepository<Farm, UUID> {}
