package nimblefurrow.server.seedstock;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.server.worklog.EntryCorrected;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Seed that was drawn follows its seeding when that is put right. */
@Component
class SeedFollows {
  private final SeedUses uses;
  private final SeedService seed;

  SeedFollows(SeedUses uses, SeedService seed) {
    this.uses = uses;
    this.seed = seed;
  }

  /** By mass, each lot by the same part, and by day. */
  @EventListener
  void corrected(EntryCorrected entry) {
    UUID id = entry.after().id();
    List<SeedUse> drawn = uses.findByFarmIdAndLogEntryId(entry.farmId(), id);
    Double before = entry.before().get(EntryFigure.SEED);
    Double after = entry.after().get(EntryFigure.SEED);
    if (drawn.isEmpty() || before == null || after == null) {
      return;
    }
    Map<UUID, Double> kgByLot = new LinkedHashMap<>();
    drawn.forEach(u -> kgByLot.merge(u.lotId, u.kg.doubleValue() * after / before, Double::sum));
    drawn.forEach(uses::delete);
    uses.flush();
    seed.use(entry.farmId(), entry.fieldId(), id, kgByLot, entry.after().doneOn());
  }
}
