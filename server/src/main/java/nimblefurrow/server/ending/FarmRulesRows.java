package nimblefurrow.server.ending;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FarmRulesRows extends JpaRepository<FarmRulesRow, UUID> {}
