package nimblefurrow.server.ending;

import java.util.UUID;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.OwnYield;
import nimblefurrow.server.season.FarmRules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The rules of a farm's endings: its own, or those that ship with what its harvests brought. */
@Service
public class EndingRulesOf implements FarmRules {
  private final FarmRulesRows rows;
  private final OwnYields yields;

  EndingRulesOf(FarmRulesRows rows, OwnYields yields) {
    this.rows = rows;
    this.yields = yields;
  }

  @Override
  @Transactional(readOnly = true)
  public EndingRules of(UUID farmId) {
    return rows.findByFarmId(farmId)
        .map(r -> StoredRules.SHAPE.read(r.ending))
        .orElseGet(() -> OwnYield.in(EndingRules.shipped(), yields.of(farmId)));
  }
}
