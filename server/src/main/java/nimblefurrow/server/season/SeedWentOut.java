package nimblefurrow.server.season;

import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What went out at seedings that were written down: told by whoever keeps their records. */
public interface SeedWentOut {
  /**
   * One seeding.
   *
   * @param seedKg that went out; null where it was not measured
   * @param lots quality of the seed taken, by species; empty where no lot was named
   */
  record Seeding(double areaHa, @Nullable Double seedKg, Map<String, Quality> lots) {
    /** Whether any of it was treated. */
    public boolean treated() {
      return lots.values().stream().anyMatch(Quality::treated);
    }
  }

  /** Tested quality of seed, shares; null where it was not tested. */
  record Quality(@Nullable Double germination, @Nullable Double purity, boolean treated) {}

  /** All of a farm's, by the log's entry. */
  Map<UUID, Seeding> of(UUID farmId);
}
