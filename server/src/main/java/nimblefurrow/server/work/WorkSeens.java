package nimblefurrow.server.work;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WorkSeens extends JpaRepository<WorkSeen, UUID> {}
