package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.season.CropColumns;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Spread;
import org.jspecify.annotations.Nullable;

/**
 * How much light reaches the ground week by week in the middle year: what a stubborn perennial weed
 * has to live on. Light passes the crop, the living cover and its mulch one after the other;
 * through mulch as exp(−0.4 · Mg/ha), a working value within what Teasdale and Mohler (1993)
 * measured for rye and vetch.
 *
 * @param season its year; weeks begin on 1 July
 * @param light share of daylight at the ground, a value a week
 */
public record ShadedWeeks(int season, double[] light) {
  /** Weeds starve under so little light, share. */
  public static final double DARK = 0.20;

  private static final int WEEKS = 52;
  private static final int WEEK = 7;
  private static final double MULCH_PER_MG = 0.4;

  /**
   * A cover and what it grows behind.
   *
   * @param cover the cover; null where only a crop grows
   * @param crop what it grows behind or under, under every sky
   */
  public record Grown(@Nullable CoverPlan cover, CropSeasons crop) {}

  /**
   * {@return a season's weeks under all its covers}
   *
   * @param forecaster what runs them
   * @param season its year
   * @param links its covers in their order, at least one entry
   */
  public static ShadedWeeks of(Forecaster forecaster, int season, List<Grown> links) {
    double[] light = new double[WEEKS];
    Arrays.fill(light, 1);
    for (Grown g : links) {
      CoverPlan cover = g.cover();
      List<SeasonRun> runs = cover == null ? List.of() : forecaster.ended(cover, g.crop());
      for (int w = 0; w < WEEKS; w++) {
        light[w] = Math.min(light[w], middle(g.crop(), runs, day(season, w)));
      }
    }
    return new ShadedWeeks(season, light);
  }

  private static double middle(CropSeasons crop, List<SeasonRun> runs, LocalDate day) {
    int seasonDay = crop.count(day);
    double[] each = new double[crop.years().size()];
    for (int y = 0; y < each.length; y++) {
      CropColumns grown = crop.years().get(y);
      each[y] = grown.lightAtGround(seasonDay);
      if (!runs.isEmpty()) {
        SeasonColumns c = runs.get(y).columns();
        int i = c.indexOf(day);
        if (i >= 0 && i < c.days()) {
          each[y] *=
              (1 - c.lightCaught()[i])
                  * Math.exp(-MULCH_PER_MG * (c.mulchMgPerHa()[i] + c.dyingMgPerHa()[i]));
        }
      }
    }
    return Spread.of(each).median();
  }

  /** The middle day of a week. */
  private static LocalDate day(int season, int week) {
    return SeasonDates.whole(season).first().plusDays((long) week * WEEK + WEEK / 2);
  }

  /** {@return how many weeks are dark} */
  public int dark() {
    return (int) Arrays.stream(light).filter(l -> l < DARK).count();
  }

  /** {@return how many weeks there are} */
  public int weeks() {
    return light.length;
  }

  /** {@return the stretches of weeks that are not dark, first and last day} */
  public List<Chain.Gap> open() {
    List<Chain.Gap> all = new ArrayList<>();
    LocalDate first = SeasonDates.whole(season).first();
    int from = -1;
    for (int w = 0; w <= light.length; w++) {
      boolean bright = w < light.length && light[w] >= DARK;
      if (bright && from < 0) {
        from = w;
      } else if (!bright && from >= 0) {
        all.add(
            new Chain.Gap(first.plusDays((long) from * WEEK), first.plusDays((long) w * WEEK - 1)));
        from = -1;
      }
    }
    return List.copyOf(all);
  }
}
