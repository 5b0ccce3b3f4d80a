package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.WeatherEnsemble;

/**
 * One cash crop in every way its season may go. Days are counted from 1 January of the season's
 * year.
 */
public final class CropSeasons {
  private final SeasonModel model;
  private final WeatherEnsemble ensemble;
  private final CashCrop crop;
  private final List<CropColumns> years;
  private final Spread harvest;

  private CropSeasons(
      SeasonModel model, WeatherEnsemble ensemble, CashCrop crop, List<CropColumns> years) {
    this.model = model;
    this.ensemble = ensemble;
    this.crop = crop;
    this.years = List.copyOf(years);
    this.harvest = spread(CropColumns::harvestIndex);
  }

  /**
   * Grows the crop under every sky.
   *
   * @param model season model
   * @param crop cash crop
   * @param ensemble skies of the years
   * @return the crop seasons
   */
  public static CropSeasons grow(SeasonModel model, CashCrop crop, WeatherEnsemble ensemble) {
    List<CropColumns> years = new ArrayList<>();
    for (Sky sky : ensemble.ensemble()) {
      years.add(model.crop(crop, sky));
    }
    return new CropSeasons(model, ensemble, crop, years);
  }

  /**
   * Follows a cover, which may be of an earlier season: each way this season may go is led into by
   * the way of the same past year, or of the nearest one where the record gives the earlier season
   * fewer.
   *
   * @param model season model
   * @param after the cover before, and the day it is ended
   * @param under what that cover follows itself, grown under the skies of its own season
   * @param ensemble skies of what follows
   * @return the crop seasons
   */
  public static CropSeasons follow(
      SeasonModel model, CashCrop.AfterCover after, CropSeasons under, WeatherEnsemble ensemble) {
    List<CropColumns> years = new ArrayList<>();
    WeatherEnsemble earlier = under.ensemble();
    int last = earlier.years() - 1;
    for (int y = 0; y < ensemble.years(); y++) {
      int same = ensemble.pastYear(y) - earlier.pastYear(0);
      int way = Math.max(0, Math.min(last, same));
      Sky before = earlier.ensemble().get(way);
      years.add(model.behind(after, before, under.years().get(way), ensemble.ensemble().get(y)));
    }
    return new CropSeasons(model, ensemble, after, years);
  }

  /** {@return what grew it} */
  public SeasonModel model() {
    return model;
  }

  /** {@return the skies it grew under} */
  public WeatherEnsemble ensemble() {
    return ensemble;
  }

  /** {@return what it is} */
  public CashCrop crop() {
    return crop;
  }

  /** {@return one run of days for each sky, in their order} */
  public List<CropColumns> years() {
    return years;
  }

  /**
   * About how much heap it holds, without the skies: columns, and the bare ground of a few soils
   * that is found again.
   *
   * @return bytes
   */
  public long bytes() {
    return years.stream().mapToLong(CropColumns::bytes).sum();
  }

  /**
   * {@return the day a count stands for}
   *
   * @param count days from the season's start
   */
  public LocalDate day(double count) {
    return ensemble.start().plusDays(Math.round(count));
  }

  /**
   * {@return the count a day stands for}
   *
   * @param day day asked for
   */
  public int count(LocalDate day) {
    return (int) java.time.temporal.ChronoUnit.DAYS.between(ensemble.start(), day);
  }

  /** {@return the day the field is clear} */
  public Spread harvest() {
    return harvest;
  }

  /** {@return black layer of corn or R7 of soybeans} */
  public Spread mature() {
    return spread(CropColumns::matureIndex);
  }

  /**
   * {@return the first day on which light at the ground has risen again to a share under ripening
   * leaves}
   *
   * @param share share, 0..1
   */
  public Spread lightRises(double share) {
    return spread(c -> lightRises(c, share));
  }

  /**
   * {@return the first day on which a leaf count or age is reached}
   *
   * @param stage stage, by name or as a fraction of its key sum
   */
  public Spread stageReached(double stage) {
    return spread(c -> stageReached(c, stage));
  }

  /**
   * {@return the last day before light at the ground first falls below a share}
   *
   * @param share share, 0..1
   */
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
