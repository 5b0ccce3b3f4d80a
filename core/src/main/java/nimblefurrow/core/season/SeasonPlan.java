package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.Month;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * One cover on one field for one season.
 *
 * @param soil the ground
 * @param start how the field stands at the beginning
 * @param crop the cash crop it is seeded into or behind
 * @param cover species and rates, at least one
 * @param placement how it is seeded
 * @param seededOn when
 * @param endings how it ends, in the order of their days; none when that is open
 * @param seen what was seen on the field, which outranks the model
 * @param end the last day to compute; 31 July after seeding when null
 */
public record SeasonPlan(
    Soil soil,
    FieldStart start,
    CashCrop crop,
    List<CoverComponent> cover,
    Placement placement,
    LocalDate seededOn,
    List<Ending> endings,
    List<Sighting> seen,
    @Nullable LocalDate end) {

  /**
   * @throws Refused when there is no cover or the days are out of order
   */
  public SeasonPlan {
    cover = List.copyOf(cover);
    if (cover.isEmpty()) {
      throw new Refused("", "a season needs at least one cover species");
    }
    seen = List.copyOf(seen);
    for (Sighting s : seen) {
      int component =
          s instanceof Sighting.Plants p
              ? p.component()
              : s instanceof Sighting.Stage g ? g.component() : 0;
      if (component < 0 || component >= cover.size()) {
        throw new Refused("", "nothing is known of species " + (component + 1));
      }
    }
    endings = endings.stream().sorted(Comparator.comparing(Ending::on)).toList();
    if (!endings.isEmpty() && endings.get(0).on().isBefore(seededOn)) {
      throw new Refused(
          "",
          "the cover is ended on %s, before it is seeded on %s"
              .formatted(endings.get(0).on(), seededOn));
    }
    if (crop instanceof CashCrop.AfterCover after && seededOn.isBefore(after.endedOn())) {
      throw new Refused(
          "",
          "the cover is seeded on %s, before the one it follows is ended on %s"
              .formatted(seededOn, after.endedOn()));
    }
    if (end != null && !end.isAfter(seededOn)) {
      throw new Refused("", "the season ends on " + end + ", before it is seeded");
    }
  }

  /**
   * A plan on which nothing was seen yet.
   *
   * @param soil soil of the field
   * @param start first day, as an index
   * @param crop cash crop
   * @param cover components of the cover
   * @param placement where seed lies
   * @param seededOn day of seeding
   * @param endings how the cover ends
   * @param end day the cover ends
   */
  public SeasonPlan(
      Soil soil,
      FieldStart start,
      CashCrop crop,
      List<CoverComponent> cover,
      Placement placement,
      LocalDate seededOn,
      List<Ending> endings,
      @Nullable LocalDate end) {
    this(soil, start, crop, cover, placement, seededOn, endings, List.of(), end);
  }

  /**
   * {@return the same plan with what was seen}
   *
   * @param sightings what was seen on the field
   */
  public SeasonPlan seeing(List<Sighting> sightings) {
    return new SeasonPlan(soil, start, crop, cover, placement, seededOn, endings, sightings, end);
  }

  /** The same plan with its cover ended so. */
  SeasonPlan ending(List<Ending> acts) {
    return new SeasonPlan(soil, start, crop, cover, placement, seededOn, acts, seen, end);
  }

  /** The same plan before anything is seen of it or done to it. */
  SeasonPlan untouched() {
    return new SeasonPlan(soil, start, crop, cover, placement, seededOn, List.of(), List.of(), end);
  }

  /**
   * {@return the season's year: that of seeding, or the year before when seed goes out in January
   * to March other than by frost seeding}
   */
  public int year() {
    return yearOf(seededOn, placement);
  }

  /**
   * {@return the season's year of a seeding day}
   *
   * @param seededOn day of seeding
   * @param placement where seed lies
   */
  public static int yearOf(LocalDate seededOn, Placement placement) {
    boolean lateWinter = seededOn.getMonthValue() <= 3 && placement != Placement.FROST;
    return lateWinter ? seededOn.getYear() - 1 : seededOn.getYear();
  }

  /**
   * {@return the first day of the run: 1 April of the season's year or the seeding day if earlier;
   * behind another cover, the day after that is ended}
   */
  public LocalDate firstDay() {
    if (crop instanceof CashCrop.AfterCover after) {
      return after.endedOn().plusDays(1);
    }
    LocalDate april = LocalDate.of(year(), Month.APRIL, 1);
    return seededOn.isBefore(april) ? seededOn : april;
  }

  /** {@return the last day of the run} */
  public LocalDate lastDay() {
    return end != null ? end : LocalDate.of(year() + 1, Month.JULY, 31);
  }
}
