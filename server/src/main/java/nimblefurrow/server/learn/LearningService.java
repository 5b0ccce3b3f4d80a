package nimblefurrow.server.learn;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import nimblefurrow.core.learn.FarmLearning;
import nimblefurrow.core.learn.Learnt;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What farms learn from their own records. Callers have checked who asks. */
@Service
public class LearningService {
  private static final int MOST_FARMS = 200;

  /** Asked for only when needed: they stand on the season, which stands on this. */
  private final ObjectProvider<LearntFrom> sources;

  private final RecordStamp stamps;
  private final LearntOffs offs;
  private final FarmService farms;
  private final EntityManager entities;
  private final Map<UUID, Kept> kept = new ConcurrentHashMap<>();

  LearningService(
      ObjectProvider<LearntFrom> sources,
      RecordStamp stamps,
      LearntOffs offs,
      FarmService farms,
      EntityManager entities) {
    this.sources = sources;
    this.stamps = stamps;
    this.offs = offs;
    this.farms = farms;
    this.entities = entities;
  }

  private record Kept(String stamp, FarmLearning learning) {}

  /** All that a farm's records say, by what is written down now. */
  @Transactional(readOnly = true)
  public FarmLearning of(UUID farmId) {
    entities.flush();
    String stamp = stamps.of(farmId);
    Kept known = kept.get(farmId);
    if (known != null && known.stamp().equals(stamp)) {
      return known.learning();
    }
    FarmView farm = farms.get(farmId);
    List<FarmLearning.Seen> seen =
        sources.orderedStream().flatMap(s -> s.seen(farm).stream()).toList();
    FarmLearning learning = new FarmLearning(seen, off(farmId));
    if (kept.size() >= MOST_FARMS) {
      kept.clear();
    }
    kept.put(farmId, new Kept(stamp, learning));
    return learning;
  }

  private Set<Learnt> off(UUID farmId) {
    return offs.findByFarmId(farmId).stream()
        .map(o -> Learnt.of(o.what))
        .collect(Collectors.toSet());
  }

  /** Takes something into forecasts, or leaves it out of them. */
  @Transactional
  void take(UUID farmId, Learnt what, boolean taken) {
    List<LearntOff> there =
        offs.findByFarmId(farmId).stream().filter(o -> o.what.equals(what.key())).toList();
    if (taken) {
      there.forEach(offs::delete);
    } else if (there.isEmpty()) {
      LearntOff off = new LearntOff();
      off.id = UUID.randomUUID();
      off.farmId = farmId;
      off.what = what.key();
      offs.save(off);
    }
  }
}
