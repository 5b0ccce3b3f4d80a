package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.time.Month;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CropColumns;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonPlan;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.units.Spread;

/** How much of what is spread on open ground and left there comes up by May, after the model. */
final class SurfaceEmergence {
  /** Under this share of the live seed, in the middle year, spreading is too late. */
  static final double LEAST = 0.2;

  /** A middle needs no more; each is asked on seven days. */
  private static final int ENOUGH_YEARS = 10;

  private final CropSeasons crop;
  private final CoverComponent seed;
  private final Placement placement;
  private final Soil soil;

  SurfaceEmergence(CropSeasons crop, Species species, Placement placement, Soil soil) {
    this.crop = crop;
    this.seed = CoverComponent.of(species, species.seed().surface().typical());
    this.placement = placement;
    this.soil = soil;
  }

  /**
   * The last day from {@code first} to the end of the year that is not too late; the day before it
   * when even that is.
   */
  LocalDate lastDay(LocalDate first) {
    LocalDate low = first.minusDays(1);
    LocalDate high = LocalDate.of(crop.ensemble().seasonYear(), Month.DECEMBER, 31);
    while (low.isBefore(high)) {
      LocalDate middle = low.plusDays((high.toEpochDay() - low.toEpochDay() + 1) / 2);
      if (up(middle).median() >= LEAST) {
        low = middle;
      } else {
        high = middle.minusDays(1);
      }
    }
    return low;
  }

  /** Share of the live seed that is up by 1 May when it is spread on a day, in years far apart. */
  Spread up(LocalDate day) {
    int every = Math.max(1, crop.years().size() / ENOUGH_YEARS);
    double[] up = new double[(crop.years().size() + every - 1) / every];
    for (int i = 0; i < up.length; i++) {
      int y = i * every;
      CropColumns grown = crop.years().get(y);
      SeasonPlan plan =
          new SeasonPlan(
              soil,
              FieldStart.USUAL,
              crop.crop(),
              List.of(seed),
              placement,
              day,
              List.of(),
              LocalDate.of(crop.ensemble().seasonYear() + 1, Month.MAY, 1));
      up[i] =
          crop.model()
              .run(crop.ensemble().ensemble().get(y), grown, plan, SeasonColumns.Detail.ODDS)
              .components()
              .get(0)
              .emergedFraction();
    }
    return Spread.of(up);
  }
}
