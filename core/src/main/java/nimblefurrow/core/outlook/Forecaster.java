package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.StageScale;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropColumns;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.GrowingRun;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.season.SeasonPlan;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.Sky;

/** Runs a plan through every way its season may go and reads off ranges and odds. */
public final class Forecaster {
  private static final int STEP_DAYS = 7;
  private static final int POINTS = 57;

  private final SeasonModel model;

  public Forecaster(SeasonModel model) {
    this.model = model;
  }

  /** Every year of a plan as a purpose is read from it: ended where it hangs on that. */
  List<SeasonRun> runsFor(Purpose purpose, CoverPlan plan, CropSeasons crop) {
    return purpose.hangsOnEnding() ? ended(plan, crop) : runs(plan, crop);
  }

  /**
   * {@return every year of a plan, ended by its own acts}
   *
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   */
  public List<SeasonRun> ended(CoverPlan plan, CropSeasons crop) {
    return runs(plan, crop, plan.acts(), SeasonColumns.Detail.ODDS);
  }

  /**
   * {@return every year of a plan, left to grow}
   *
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   */
  public List<SeasonRun> runs(CoverPlan plan, CropSeasons crop) {
    return runs(plan, crop, List.of(), SeasonColumns.Detail.ODDS);
  }

  /**
   * {@return every year of a plan and its ending}
   *
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   * @param endings how the cover ends
   * @param detail how much is kept of the run
   */
  public List<SeasonRun> runs(
      CoverPlan plan, CropSeasons crop, List<Ending> endings, SeasonColumns.Detail detail) {
    List<SeasonRun> runs = new ArrayList<>();
    for (int y = 0; y < crop.years().size(); y++) {
      Sky sky = crop.ensemble().ensemble().get(y);
      CropColumns columns = crop.years().get(y);
      runs.add(model.run(sky, columns, season(plan, crop, columns, endings), detail));
    }
    return runs;
  }

  /**
   * {@return every year of a plan left to grow, to go on from with ways of ending it}
   *
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   * @param detail how much is kept of the runs
   * @param from no way of ending it begins before this day, or it costs a whole run
   */
  public GrowingYears growing(
      CoverPlan plan, CropSeasons crop, SeasonColumns.Detail detail, LocalDate from) {
    List<GrowingRun> years = new ArrayList<>();
    List<LocalDate> seeded = new ArrayList<>();
    for (int y = 0; y < crop.years().size(); y++) {
      CropColumns columns = crop.years().get(y);
      SeasonPlan season = season(plan, crop, columns, List.of());
      Sky sky = crop.ensemble().ensemble().get(y);
      years.add(model.grow(sky, columns, season, detail, from.minusDays(1)));
      seeded.add(season.seededOn());
    }
    return new GrowingYears(years, seeded);
  }

  /** Every year of a plan, grown so that its own ending goes on from it. */
  GrowingYears growing(CoverPlan plan, CropSeasons crop) {
    LocalDate first =
        plan.acts().stream().map(Ending::on).min(LocalDate::compareTo).orElse(LocalDate.MAX);
    return growing(plan, crop, SeasonColumns.Detail.ODDS, first);
  }

  /** In a year so late that seed went out after it, there is nothing to end. */
  static List<Ending> after(LocalDate seededOn, List<Ending> endings) {
    return endings.stream().filter(e -> e.on().isAfter(seededOn)).toList();
  }

  /**
   * {@return ranges and odds of a plan}
   *
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   */
  public Outlook outlook(CoverPlan plan, CropSeasons crop) {
    GrowingYears growing = growing(plan, crop);
    return read(plan, crop, growing.runs(), growing.ended(plan.acts()));
  }

  private Outlook read(
      CoverPlan plan, CropSeasons crop, List<SeasonRun> runs, List<SeasonRun> ended) {
    OwnErrors errors = OwnErrors.of(plan);
    int years = runs.size();
    LocalDate start = LocalDate.of(crop.ensemble().seasonYear(), Month.JULY, 1);
    double[] low = new double[POINTS];
    double[] middle = new double[POINTS];
    double[] high = new double[POINTS];
    double[] standing = new double[POINTS];
    double[] green = new double[POINTS];
    double[] fit = new double[POINTS];
    double[] cover = new double[years];
    double[] stands = new double[years];
    double[] greens = new double[years];
    for (int p = 0; p < POINTS; p++) {
      LocalDate day = start.plusDays((long) p * STEP_DAYS);
      int seasonDay = crop.count(day);
      int fitYears = 0;
      for (int y = 0; y < years; y++) {
        SeasonColumns columns = runs.get(y).columns();
        int i = columns.indexOf(day);
        boolean inside = i >= 0 && i < columns.days();
        cover[y] = inside ? columns.totalCoverMgPerHa(i) : 0;
        fitYears += inside && columns.trafficability()[i] == Trafficability.FIT ? 1 : 0;
        CropColumns cropYear = crop.years().get(y);
        stands[y] = cropYear.standing(seasonDay);
        greens[y] = cropYear.greenCover(seasonDay);
      }
      Spread spread = Spread.of(cover).with(errors.growth(day));
      low[p] = spread.quantile(0.1);
      middle[p] = spread.median();
      high[p] = spread.quantile(0.9);
      standing[p] = Spread.of(stands).median();
      green[p] = Spread.of(greens).median();
      fit[p] = (double) fitYears / years;
    }
    return new Outlook(
        years,
        start,
        STEP_DAYS,
        low,
        middle,
        high,
        standing,
        green,
        fit,
        seeded(plan, crop),
        emerged(plan, runs, crop),
        species(plan, runs, crop),
        Worth.of(plan, runs, ended));
  }

  private static SeasonPlan season(
      CoverPlan plan, CropSeasons seasons, CropColumns crop, List<Ending> endings) {
    LocalDate seeded = seededOn(plan, seasons, crop);
    return new SeasonPlan(
        plan.soil(),
        plan.start(),
        seasons.crop(),
        plan.cover(),
        plan.method().placement(),
        seeded,
        after(seeded, endings),
        plan.seen(),
        LocalDate.of(seasons.ensemble().seasonYear() + 1, Month.JULY, 31));
  }

  /** The day seed goes out in one year. */
  static LocalDate seededOn(CoverPlan plan, CropSeasons seasons, CropColumns crop) {
    return seasons.ensemble().start().plusDays(seedDay(plan, seasons, crop));
  }

  /** Seed that needs a cleared field waits for harvest; the combine's own seed goes with it. */
  private static int seedDay(CoverPlan plan, CropSeasons seasons, CropColumns crop) {
    int meant = seasons.count(plan.seedOn());
    int harvest = crop.harvestIndex();
    if (plan.method().goesWithCombine() && harvest >= 0) {
      return harvest;
    }
    // Behind another cover nothing goes out, however it is seeded, before that is ended.
    if (seasons.crop() instanceof CashCrop.AfterCover) {
      return Math.max(meant, harvest);
    }
    return plan.method().waitsForHarvest() ? Math.max(meant, harvest) : meant;
  }

  private static Spread seeded(CoverPlan plan, CropSeasons crop) {
    return Spread.of(crop.years().stream().mapToDouble(c -> seedDay(plan, crop, c)).toArray());
  }

  private static Spread emerged(CoverPlan plan, List<SeasonRun> runs, CropSeasons crop) {
    double[] days = new double[runs.size()];
    for (int y = 0; y < days.length; y++) {
      double last = 0;
      for (SeasonRun.Component c : runs.get(y).components()) {
        LocalDate up = c.emergedOn();
        last = Math.max(last, up == null ? Double.POSITIVE_INFINITY : crop.count(up));
      }
      days[y] = last;
    }
    return Spread.of(days).with(OwnErrors.of(plan).comingUp());
  }

  private static List<Outlook.SpeciesOutlook> species(
      CoverPlan plan, List<SeasonRun> runs, CropSeasons crop) {
    OwnErrors errors = OwnErrors.of(plan);
    List<Outlook.SpeciesOutlook> all = new ArrayList<>();
    for (int c = 0; c < plan.cover().size(); c++) {
      CoverComponent component = plan.cover().get(c);
      int index = c;
      double[] plants =
          runs.stream().mapToDouble(r -> r.components().get(index).emergedPerM2()).toArray();
      double[] survival =
          runs.stream().mapToDouble(r -> r.components().get(index).winterSurvival()).toArray();
      List<Outlook.StageOdds> stages = new ArrayList<>();
      for (StageScale.Stage stage : component.species().clock().scale().stages()) {
        double[] days = new double[runs.size()];
        int reached = 0;
        for (int y = 0; y < days.length; y++) {
          LocalDate day = runs.get(y).components().get(c).stages().get(stage.name());
          days[y] = day == null ? Double.POSITIVE_INFINITY : crop.count(day);
          reached += day == null ? 0 : 1;
        }
        stages.add(
            new Outlook.StageOdds(
                stage.name(), reached, Spread.of(days).with(errors.stages(c, plan.endOn()))));
      }
      all.add(
          new Outlook.SpeciesOutlook(
              component.species().name(),
              Spread.of(plants).with(errors.emerged(c, component.liveSeedsPerM2())),
              Spread.of(survival),
              stages));
    }
    return all;
  }
}
