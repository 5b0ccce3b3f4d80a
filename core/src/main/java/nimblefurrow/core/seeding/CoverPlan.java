package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.season.FieldStart;
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
 */
public record CoverPlan(
    Soil soil,
    FieldStart start,
    List<CoverComponent> cover,
    SeedingMethod method,
    LocalDate seedOn,
    LocalDate endOn,
    LocalDate plantOn) {
  public CoverPlan {
    cover = List.copyOf(cover);
  }

  /** The same plan seeded on another day. */
  public CoverPlan seededOn(LocalDate day) {
    return new CoverPlan(soil, start, cover, method, day, endOn, plantOn);
  }
}
