package nimblefurrow.server.ending;

import java.util.UUID;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.OwnYield;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.server.price.PriceService;
import nimblefurrow.server.season.FarmRules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The rules of a farm's endings at its prices: its own, or those that ship with what its harvests
 * brought.
 */
@Service
public class EndingRulesOf implements FarmRules {
  private final FarmRulesRows rows;
  private final OwnYields yields;
  private final PriceService prices;

  EndingRulesOf(FarmRulesRows rows, OwnYields yields, PriceService prices) {
    this.prices = prices;
    this.rows = rows;
    this.yields = yields;
  }

  @Override
  @Transactional(readOnly = true)
  public EndingRules of(UUID farmId) {
    PriceBook book = prices.of(farmId);
    return rows.findByFarmId(farmId)
        .map(r -> StoredRules.SHAPE.read(r.ending).at(book))
        .orElseGet(() -> OwnYield.in(EndingRules.shipped(), yields.of(farmId)).priced(book));
  }
}
