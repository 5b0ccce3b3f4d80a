package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.season.Soil;

/**
 * A cover as a grower plans it for one field.
 *
 * @param soil the ground
 * @param start how the field stands in spring
 * @param cover species and rates
 * @param method how it is seeded
 * @param seedOn the day meant for seeding; where the crop must be off first, seed waits for harvest
 * @param endOn the day the cover is ended, or its worth is counted
 * @param plantOn the day the next crop is planted
 * @param seen what was seen on the field
 * @param acts what ends it, as dated acts of the season model; none where winter does it or the
 *     model does not know the way
 */
public record CoverPlan(
    Soil soil,
    FieldStart start,
    List<CoverComponent> cover,
    SeedingMethod method,
    LocalDate seedOn,
    LocalDate endOn,
    LocalDate plantOn,
    List<Sighting> seen,
    List<Ending> acts) {
  public CoverPlan {
    cover = List.copyOf(cover);
    seen = List.copyOf(seen);
    acts = List.copyOf(acts);
  }

  /**
   * A plan on whose field nothing was seen yet, and whose ending is open.
   *
   * @param soil soil of the field
   * @param start first day, as an index
   * @param cover components of the cover
   * @param method how it is seeded or ended
   * @param seedOn day of seeding
   * @param endOn day the cover ends
   * @param plantOn planting of the next crop
   */
  public CoverPlan(
      Soil soil,
      FieldStart start,
      List<CoverComponent> cover,
      SeedingMethod method,
      LocalDate seedOn,
      LocalDate endOn,
      LocalDate plantOn) {
    this(soil, start, cover, method, seedOn, endOn, plantOn, List.of(), List.of());
  }

  /**
   * {@return the same plan with what was seen}
   *
   * @param sightings what was seen on the field
   */
  public CoverPlan seeing(List<Sighting> sightings) {
    return new CoverPlan(soil, start, cover, method, seedOn, endOn, plantOn, sightings, acts);
  }

  /**
   * {@return the same plan on a field that begins otherwise}
   *
   * @param begins how the field stands when its season begins
   */
  public CoverPlan on(FieldStart begins) {
    return new CoverPlan(soil, begins, cover, method, seedOn, endOn, plantOn, seen, acts);
  }

  /**
   * {@return the same plan seeded on another day}
   *
   * @param day day asked for
   */
  public CoverPlan seededOn(LocalDate day) {
    return new CoverPlan(soil, start, cover, method, day, endOn, plantOn, seen, acts);
  }

  /**
   * {@return the same plan seeded another way, at its rates, with nothing seen}
   *
   * @param way way of ending or seeding
   * @param rates components with their rates
   * @param day day asked for
   */
  public CoverPlan seeded(SeedingMethod way, List<CoverComponent> rates, LocalDate day) {
    return new CoverPlan(soil, start, rates, way, day, endOn, plantOn, List.of(), acts);
  }

  /**
   * {@return the same plan ended and planted on other days, by other acts}
   *
   * @param end day the cover ends
   * @param plant planting of the next crop
   * @param by how it is ended
   */
  public CoverPlan ended(LocalDate end, LocalDate plant, List<Ending> by) {
    return new CoverPlan(soil, start, cover, method, seedOn, end, plant, seen, by);
  }

  /** {@return whether a grass is in it} */
  public boolean hasGrass() {
    return cover.stream().anyMatch(c -> c.species().family() == Family.GRASS);
  }

  /**
   * {@return the plan's rates as another way needs them: more seed on the surface, less in the
   * soil}
   *
   * @param other another way of seeding
   */
  public List<CoverComponent> coverFor(SeedingMethod other) {
    return cover.stream()
        .map(
            c ->
                new CoverComponent(
                    c.species(),
                    rateFor(c.species(), c.rateKgPerHa(), method, other),
                    c.germination(),
                    c.purity(),
                    c.depthMm()))
        .toList();
  }

  /**
   * {@return a species' rate for one way of seeding as another needs it, kg/ha: as much more on the
   * surface as its usual rate there is above the usual one in the soil}
   *
   * @param species what is seeded
   * @param rateKgPerHa bulk rate for {@code from}, kg/ha
   * @param from the way the rate is for
   * @param to the other way
   */
  public static double rateFor(
      Species species, double rateKgPerHa, SeedingMethod from, SeedingMethod to) {
    if (from.rateBasis() == to.rateBasis()) {
      return rateKgPerHa;
    }
    double more = species.seed().surface().typical() / species.seed().drilled().typical();
    return rateKgPerHa * (to.rateBasis() == RateBasis.SURFACE ? more : 1 / more);
  }
}
