package nimblefurrow.server.ending;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.ending.OwnYield;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldYears;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Component;

/**
 * What a farm's own harvests brought, where enough of them are written down to say what is usual.
 */
@Component
class OwnYields {
  private final LogService log;
  private final FieldService fields;

  OwnYields(LogService log, FieldService fields) {
    this.log = log;
    this.fields = fields;
  }

  /** By crop, of those with enough harvests. */
  List<OwnYield> of(UUID farmId) {
    Map<UUID, Map<Integer, CropView>> crops = new HashMap<>();
    for (FieldYears f : fields.years(farmId)) {
      crops.put(f.id(), f.crops());
    }
    List<OwnYield.Harvest> all = new ArrayList<>();
    log.ofKind(farmId, LogKind.HARVESTED)
        .forEach(
            (field, harvests) -> {
              for (EntryView e : harvests) {
                CropView crop = crops.getOrDefault(field, Map.of()).get(e.doneOn().getYear());
                Double yield = e.get(EntryFigure.YIELD);
                if (crop != null && yield != null) {
                  all.add(new OwnYield.Harvest(CropKind.of(crop.kind()).key(), yield));
                }
              }
            });
    return OwnYield.of(all);
  }
}
