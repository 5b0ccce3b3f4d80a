package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;
import nimblefurrow.core.units.Refused;
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
   * Follows a cover of an earlier season: each way that season may go leads into the way of the
   * same past years, one year on.
   *
   * @param model season model
   * @param after the cover before, and the day it is ended
   * @param earlier skies of the season that cover belongs to
   * @param ensemble skies of what follows
   * @return the crop seasons
   * @throws Refused when the seasons have not as many ways
   */
  public static CropSeasons follow(
      SeasonModel model,
      CashCrop.AfterCover after,
      WeatherEnsemble earlier,
      WeatherEnsemble ensemble) {
    if (earlier.years() != ensemble.years()) {
      throw new Refused(
          "",
          "the seasons %d and %d may go %d and %d ways"
              .formatted(
                  earlier.seasonYear(), ensemble.seasonYear(), earlier.years(), ensemble.years()));
    }
    List<CropColumns> years = new ArrayList<>();
    for (int y = 0; y < ensemble.years(); y++) {
      years.add(model.behind(after, earlier.ensemble().get(y), ensemble.ensemble().get(y)));
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
