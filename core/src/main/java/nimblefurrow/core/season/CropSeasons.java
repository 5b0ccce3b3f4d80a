package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.SeasonSkies;
import nimblefurrow.core.weather.Sky;

/**
 * One cash crop in every way its season may go. Days are counted from 1 January of the season's
 * year.
 */
public final class CropSeasons {
  private final SeasonModel model;
  private final SeasonSkies skies;
  private final CashCrop crop;
  private final List<CropColumns> years;
  private final Spread harvest;

  private CropSeasons(
      SeasonModel model, SeasonSkies skies, CashCrop crop, List<CropColumns> years) {
    this.model = model;
    this.skies = skies;
    this.crop = crop;
    this.years = List.copyOf(years);
    this.harvest = spread(CropColumns::harvestIndex);
  }

  /** Grows the crop under every sky. */
  public static CropSeasons grow(SeasonModel model, CashCrop crop, SeasonSkies skies) {
    List<CropColumns> years = new ArrayList<>();
    for (Sky sky : skies.skies()) {
      years.add(model.crop(crop, sky));
    }
    return new CropSeasons(model, skies, crop, years);
  }

  /** What grew it. */
  public SeasonModel model() {
    return model;
  }

  /** The skies it grew under. */
  public SeasonSkies skies() {
    return skies;
  }

  /** What it is. */
  public CashCrop crop() {
    return crop;
  }

  /** One run of days for each sky, in their order. */
  public List<CropColumns> years() {
    return years;
  }

  /**
   * About how much heap it holds, without the skies: columns, and the bare ground of a few soils
   * that is found again.
   */
  public long bytes() {
    return years.stream().mapToLong(CropColumns::bytes).sum();
  }

  /** The day a count stands for. */
  public LocalDate day(double count) {
    return skies.start().plusDays(Math.round(count));
  }

  /** The count a day stands for. */
  public int count(LocalDate day) {
    return (int) java.time.temporal.ChronoUnit.DAYS.between(skies.start(), day);
  }

  /** The day the field is clear. */
  public Spread harvest() {
    return harvest;
  }

  /** Black layer of corn or R7 of soybeans. */
  public Spread mature() {
    return spread(CropColumns::matureIndex);
  }

  /**
   * The first day on which light at the ground has risen again to a share under ripening leaves.
   */
  public Spread lightRises(double share) {
    return spread(c -> lightRises(c, share));
  }

  /** The first day on which a leaf count or age is reached. */
  public Spread stageReached(double stage) {
    return spread(c -> stageReached(c, stage));
  }

  /** The last day before light at the ground first falls below a share. */
  public Spread lightFalls(double share) {
    return spread(
        c -> {
          int i = Math.max(0, c.plantedIndex());
          while (i < c.harvestIndex() && c.lightAtGround(i) >= share) {
            i++;
          }
          return i - 1;
        });
  }

  private static int lightRises(CropColumns c, double share) {
    int darkest = Math.max(0, c.plantedIndex());
    int end = c.harvestIndex();
    for (int i = darkest; i < end; i++) {
      if (c.lightAtGround(i) <= c.lightAtGround(darkest)) {
        darkest = i;
      }
    }
    int i = darkest;
    while (i < end && c.lightAtGround(i) < share) {
      i++;
    }
    return i;
  }

  private static int stageReached(CropColumns c, double stage) {
    int i = Math.max(0, c.plantedIndex());
    while (i < c.harvestIndex() && c.stage(i) < stage) {
      i++;
    }
    return i;
  }

  private Spread spread(ToIntFunction<CropColumns> day) {
    return Spread.of(years.stream().mapToDouble(day::applyAsInt).toArray());
  }
}
