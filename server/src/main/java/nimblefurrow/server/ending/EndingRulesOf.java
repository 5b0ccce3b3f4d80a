package nimblefurrow.server.ending;

import java.util.UUID;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.server.season.FarmRules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The rules of a farm's endings: its own, or those that ship. */
@Service
public class EndingRulesOf implements FarmRules {
  private final FarmRulesRows rows;

  EndingRulesOf(FarmRulesRows rows) {
    this.rows = rows;
  }

  @Override
  @Transactional(readOnly = true)
  public EndingRules of(UUID farmId) {
    return rows.findByFarmId(farmId)
        .map(r -> StoredRules.SHAPE.read(r.ending))
        .orElseGet(EndingRules::shipped);
  }
}
