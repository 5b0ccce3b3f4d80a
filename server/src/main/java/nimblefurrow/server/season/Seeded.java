package nimblefurrow.server.season;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.server.worklog.SeasonLog;
import org.jspecify.annotations.Nullable;

/**
 * What went out on a field this season, all seedings together.
 *
 * @param areaHa seeded; infinite where a seeding was written down without its area
 * @param kgPerHa bulk seed of all species together; null where it was not measured
 * @param depthMm how deep it lies; null where nobody wrote it down
 * @param lots quality of the seed by species, where lots were named
 */
record Seeded(
    double areaHa,
    @Nullable Double kgPerHa,
    @Nullable Double depthMm,
    Map<String, SeedWentOut.Quality> lots) {
  private static final double MOST_KG_PER_HA = 1000;
  static final Seeded AS_PLANNED = new Seeded(Double.POSITIVE_INFINITY, null, null, Map.of());

  /** Of the seedings in a season's log. */
  static Seeded of(SeasonLog log, Map<UUID, SeedWentOut.Seeding> all) {
    List<SeedWentOut.Seeding> measured =
        log.seedings().stream().map(all::get).filter(Objects::nonNull).toList();
    if (measured.isEmpty()) {
      return new Seeded(Double.POSITIVE_INFINITY, null, log.depthMm(), Map.of());
    }
    double area = 0;
    double weighedHa = 0;
    double seed = 0;
    Map<String, SeedWentOut.Quality> lots = new HashMap<>();
    for (SeedWentOut.Seeding s : measured) {
      area += s.areaHa();
      if (s.seedKg() != null) {
        weighedHa += s.areaHa();
        seed += s.seedKg();
      }
      s.lots().forEach(lots::putIfAbsent);
    }
    boolean whole = measured.size() < log.seedings().size();
    return new Seeded(
        whole ? Double.POSITIVE_INFINITY : area,
        weighedHa > 0 ? seed / weighedHa : null,
        log.depthMm(),
        lots);
  }

  /**
   * A component of the plan as it went into the ground.
   *
   * @param plannedKgPerHa of this species
   * @param allKgPerHa of all species of the plan
   */
  CoverComponent went(Species species, double plannedKgPerHa, double allKgPerHa) {
    SeedWentOut.Quality lot = lots.get(species.id());
    Double germination = lot == null ? null : lot.germination();
    Double purity = lot == null ? null : lot.purity();
    return new CoverComponent(
        species,
        // An area misread by a digit must not stop the season from being read.
        Math.min(
            MOST_KG_PER_HA,
            kgPerHa == null ? plannedKgPerHa : kgPerHa * plannedKgPerHa / allKgPerHa),
        germination == null ? CoverComponent.USUAL_GERMINATION : germination,
        purity == null ? CoverComponent.USUAL_PURITY : purity,
        depthMm);
  }
}
