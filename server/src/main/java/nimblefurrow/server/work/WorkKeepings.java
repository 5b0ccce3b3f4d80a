package nimblefurrow.server.work;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WorkKeepings extends JpaRepository<WorkKeeping, Long> {
  Optional<WorkKeeping> findFirstByFarmIdAndUndoneFalseOrderByIdDesc(UUID farmId);
}
