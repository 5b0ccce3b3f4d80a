package nimblefurrow.server.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.season.SeedWentOut;
import nimblefurrow.server.seedstock.LotView;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reads what went out off the records of seedings and the lots they drew from. */
@Component
class SeedRecorded implements SeedWentOut {
  private final LogService log;
  private final SeedService seed;

  SeedRecorded(LogService log, SeedService seed) {
    this.log = log;
    this.seed = seed;
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Seeding> of(UUID farmId) {
    Map<UUID, Seeding> all = new HashMap<>();
    Map<UUID, Map<String, Quality>> lots = lots(farmId);
    for (List<EntryView> seedings : log.ofKind(farmId, LogKind.SEEDED).values()) {
      for (EntryView e : seedings) {
        Double areaHa = e.get(EntryFigure.AREA);
        if (areaHa != null) {
          all.put(
              e.id(),
              new Seeding(areaHa, e.get(EntryFigure.SEED), lots.getOrDefault(e.id(), Map.of())));
        }
      }
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
