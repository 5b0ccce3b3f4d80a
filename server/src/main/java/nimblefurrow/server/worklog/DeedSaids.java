package nimblefurrow.server.worklog;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.repository.Repository;

interface DeedSaids extends Repository<DeedSaid, DeedSaid.Key>, RowWriting<DeedSaid> {
  List<DeedSaid> findByFarmIdAndKeySeasonYear(UUID farmId, int seasonYear);

  Optional<DeedSaid> findByFarmIdAndKey(UUID farmId, DeedSaid.Key key);
}
