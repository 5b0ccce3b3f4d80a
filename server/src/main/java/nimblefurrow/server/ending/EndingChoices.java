package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface EndingChoices extends FarmRows<EndingChoice, UUID> {
  List<EndingChoice> findByFarmIdAndFieldIdAndSeasonYearOrderByChosenAtDesc(
      UUID farmId, UUID fieldId, int seasonYear);

  List<EndingChoice> findByFarmIdAndFieldId(UUID farmId, UUID fieldId);

  List<EndingChoice> findByFarmIdAndSeasonYearOrderByChosenAtDesc(UUID farmId, int seasonYear);
}
