package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface EndingChoices extends JpaRepository<EndingChoice, UUID> {
  List<EndingChoice> findByFarmIdAndFieldIdAndSeasonYearOrderByChosenAtDesc(
      UUID farmId, UUID fieldId, int seasonYear);

  List<EndingChoice> findByFarmIdAndSeasonYearOrderByChosenAtDesc(UUID farmId, int seasonYear);
}
