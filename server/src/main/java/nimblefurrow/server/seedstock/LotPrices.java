package nimblefurrow.server.seedstock;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.server.cover.SeedPrices;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Prices of seed off the lots a farm bought. */
@Component
class LotPrices implements SeedPrices {
  private final SeedLots lots;

  LotPrices(SeedLots lots) {
    this.lots = lots;
  }

  @Override
  @Transactional(readOnly = true)
  public Map<String, Double> of(UUID farmId) {
    Map<String, List<BoughtSeed>> bySpecies = new HashMap<>();
    for (SeedLot l : lots.findByFarmIdAndRemovedFalseOrderBySpeciesAscLotNoAsc(farmId)) {
      if (!l.organic) {
        bySpecies
            .computeIfAbsent(l.species, k -> new ArrayList<>())
            .add(new BoughtSeed(l.supplier, l.usdPerKg.doubleValue(), l.testedOn));
      }
    }
    Map<String, Double> prices = new HashMap<>();
    bySpecies.forEach(
        (species, own) -> BoughtSeed.toBuy(own).ifPresent(usd -> prices.put(species, usd)));
    return prices;
  }
}
