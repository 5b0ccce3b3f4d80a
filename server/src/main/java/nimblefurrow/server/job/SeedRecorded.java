package nimblefurrow.server.job;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.server.season.SeedWentOut;
import nimblefurrow.server.seedstock.LotView;
import nimblefurrow.server.seedstock.SeedService;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reads what went out off the records of seedings and the lots they drew from. */
@Component
class SeedRecorded implements SeedWentOut {
  private final SeedingRecords records;
  private final SeedService seed;

  SeedRecorded(SeedingRecords records, SeedService seed) {
    this.records = records;
    this.seed = seed;
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Seeding> of(UUID farmId) {
    Map<UUID, Seeding> all = new HashMap<>();
    Map<UUID, Map<String, Quality>> lots = lots(farmId);
    for (SeedingRecord r : records.findByFarmId(farmId)) {
      all.put(
          r.logEntryId,
          new Seeding(
              r.areaHa.doubleValue(),
              r.seedKg.doubleValue(),
              lots.getOrDefault(r.logEntryId, Map.of())));
    }
    return all;
  }

  /** Where a seeding drew from several lots of a species, the one it drew most from tells. */
  private Map<UUID, Map<String, Quality>> lots(UUID farmId) {
    Map<UUID, LotView> stock = new HashMap<>();
    seed.lots(farmId).forEach(l -> stock.put(l.id(), l));
    Map<UUID, Map<String, Quality>> all = new HashMap<>();
    for (SeedService.Drawn d : seed.drawn(farmId)) {
      LotView lot = stock.get(d.lotId());
      if (lot != null) {
        all.computeIfAbsent(d.logEntryId(), k -> new HashMap<>())
            .putIfAbsent(
                lot.species(), new Quality(lot.germination(), lot.purity(), lot.treated()));
      }
    }
    return all;
  }
}
