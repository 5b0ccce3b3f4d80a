package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.Month;
import java.util.List;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;
import org.jspecify.annotations.Nullable;

/**
 * The days of one season in order. Each step of a day uses the states left by the step before; the
 * methods stand in the order of the day.
 */
final class SeasonDays {
  /** Cover mass from which its roots firm the ground, Mg/ha, and by how much of its wetness. */
  private static final double FIRMING_MG = 0.5;

  private static final double FIRMED = 0.04;

  private final Sky sky;
  private final DailyWeather weather;
  private final CropColumns crop;
  private final SeasonPlan plan;
  private final SoilColumn soil;
  private final Litter litter;
  private final ComponentState[] stand;
  private final boolean buried;
  private final LocalDate from;
  private final int first;
  private final int days;
  private final int seeded;
  private final int seedStops;
  private final EndingActs acts;
  private final Sightings sightings;
  private final int newYear;
  private final SeasonColumns columns;

  private final Surface surface;
  private final Canopy canopy = new Canopy();
  private final WaterUse waterUse;
  private final StandGrowth growth;
  private Trafficability groundNow = Trafficability.UNFIT;
  private int keptFrom = Integer.MAX_VALUE;
  private List<SeasonState> kept = List.of();

  SeasonDays(
      ModelParameters parameters,
      Sky sky,
      CropColumns crop,
      SeasonPlan plan,
      double lagged,
      SeasonColumns.Detail detail) {
    this(
        parameters,
        sky,
        crop,
        plan,
        lagged,
        detail,
        plan.firstDay(),
        stand(parameters, plan),
        crop.begin());
  }

  /** Goes on with a plan from where a run of it was cut. */
  static SeasonDays from(
      SeasonState cut, ModelParameters parameters, Sky sky, CropColumns crop, SeasonPlan plan) {
    LocalDate next = cut.day().plusDays(1);
    ComponentState[] stand = cut.stand(sky.weather().indexOf(cut.day()));
    return new SeasonDays(
        parameters, sky, crop, plan, 0, SeasonColumns.Detail.FULL, next, stand, cut);
  }

  /**
   * Goes on from a state of another plan's run that is the same up to there.
   *
   * @param grown the columns of that run, taken over up to the state's day
   */
  static SeasonDays branch(
      SeasonState cut,
      ModelParameters parameters,
      GrowingRun.Sources of,
      SeasonPlan plan,
      SeasonColumns grown) {
    ComponentState[] stand = cut.stand(of.sky().weather().indexOf(cut.day()));
    SeasonDays days =
        new SeasonDays(
            parameters, of.sky(), of.crop(), plan, 0, of.detail(), plan.firstDay(), stand, cut);
    days.columns.takeOver(grown, grown.indexOf(cut.day()) + 1);
    return days;
  }

  /**
   * The ground of a plan without its cover: nothing of what is done to the cover or seen of it, so
   * that every field with the same ground may share it.
   */
  static SeasonDays bare(
      ModelParameters parameters, Sky sky, CropColumns crop, SeasonPlan plan, double lagged) {
    return new SeasonDays(
        parameters,
        sky,
        crop,
        plan.untouched(),
        lagged,
        SeasonColumns.Detail.ODDS,
        plan.firstDay(),
        new ComponentState[0],
        crop.begin());
  }

  private SeasonDays(
      ModelParameters parameters,
      Sky sky,
      CropColumns crop,
      SeasonPlan plan,
      double lagged,
      SeasonColumns.Detail detail,
      LocalDate from,
      ComponentState[] stand,
      @Nullable SeasonState begin) {
    this.sky = sky;
    this.weather = sky.weather();
    this.crop = crop;
    this.plan = plan;
    this.surface = new Surface(lagged);
    this.soil = new SoilColumn(parameters, plan.soil(), plan.start().initialAvailableWater());
    this.litter = new Litter(plan.start().residueMgPerHa());
    this.buried = parameters.placement(plan.placement()).buried();
    this.stand = stand;
    this.from = from;
    this.first = weather.indexOf(from);
    this.days = weather.indexOf(plan.lastDay()) - first + 1;
    this.seeded = weather.indexOf(plan.seededOn());
    this.acts = new EndingActs(parameters, sky, plan.endings(), stand, litter, soil);
    this.sightings = new Sightings(parameters, weather, plan.seen(), stand);
    this.seedStops = acts.seedStops();
    this.newYear = weather.indexOf(LocalDate.of(plan.year() + 1, Month.JANUARY, 1));
    this.waterUse = new WaterUse(sky, crop, soil);
    this.growth = new StandGrowth(stand, litter);
    this.columns = new SeasonColumns(from, days, stand.length, detail);
    if (begin != null) {
      goOn(begin);
    }
  }

  private static ComponentState[] stand(ModelParameters parameters, SeasonPlan plan) {
    ModelParameters.SeedPlacement placement = parameters.placement(plan.placement());
    return plan.cover().stream()
        .map(c -> new ComponentState(c, placement, plan.start()))
        .toArray(ComponentState[]::new);
  }

  /** Goes on from the end of the day before this run's first. */
  private void goOn(SeasonState state) {
    surface.restore(state.ground());
    litter.restore(state.ground());
    if (state.hasStand()) {
      soil.restore(state.ground().soil());
      waterUse.status = state.waterStatus();
      acts.goOn(state.effects(), state.termination());
    } else {
      soil.fill(state.ground().soil());
    }
  }

  /** All that a run needs to go on after a day, counted from the season's first, that was run. */
  SeasonState state(int day) {
    return new SeasonState(from.plusDays(day), ground(), waterUse.status, stand, first + day, acts);
  }

  /** Keeps states from a day on, some days apart. */
  void keep(int from, List<SeasonState> states) {
    keptFrom = from;
    kept = states;
  }

  /** Runs on from what the bare ground was like shortly before seeding. */
  SeasonRun runAfter(BareSeason bare) {
    int start = bare.startBefore(seeded - first);
    BareSeason.GroundState state = bare.at(start);
    surface.restore(state);
    litter.restore(state);
    soil.restore(state.soil());
    bare.fill(columns, start);
    return runFrom(start);
  }

  /** Runs the days from one on, counted from the season's first. */
  SeasonRun runFrom(int start) {
    for (int day = start; day < days; day++) {
      day(day);
      if (day >= keptFrom && (day - keptFrom) % GrowingRun.STEP_DAYS == 0) {
        kept.add(state(day));
      }
    }
    return result();
  }

  /** The ground as it is between two days. */
  BareSeason.GroundState ground() {
    return new BareSeason.GroundState(
        surface.lagged,
        surface.snow,
        surface.skin,
        surface.soilWasWet,
        surface.skinWasWet,
        litter.residue,
        litter.mulch,
        litter.carbonToNitrogen,
        soil.state());
  }

  /** Whether the ground carries machines at the end of the last day run. */
  Trafficability trafficability() {
    return groundNow;
  }

  /** Mulch on the ground at the end of the last day run, Mg/ha. */
  double mulchMgPerHa() {
    return litter.mulch;
  }

  /** Runs one day, counted from the season's first. */
  void day(int day) {
    int i = first + day;
    double mean = sky.meanC(i);
    double light = crop.lightAtGround(i);
    surface.feel(mean);
    cutCrop(i);
    surface.takeSnowAndRain(weather.precipMm(i), mean);
    soil.infiltrateAndDrain(surface.water);
    germinate(i, mean);
    surface.drySkin(sky.et0Mm(i), light);
    winter(i, mean);
    develop(i, mean);
    canopy.spread(stand, acts.dyingMass(), i);
    canopy.root(stand, i);
    waterUse.take(i, surface, canopy);
    growth.grow(sky.solarMj(i), light, waterUse.status, surface, canopy);
    growth.thin(light, waterUse.status, surface.ground);
    litter.decay(mean, i >= acts.down(), crop.residueLeft(i));
    acts.apply(i);
    sightings.apply(i);
    record(day, i);
  }

  private void cutCrop(int i) {
    if (i == crop.harvestIndex()) {
      litter.residue += crop.residueMgPerHa();
    }
  }

  private void germinate(int i, double mean) {
    surface.wet(mean, litter);
    // What comes up on the ending day is up before it is ended.
    if (i >= seeded && i <= seedStops) {
      surface.wake(stand, buried, soil, i, mean);
    }
    surface.rememberWetness(soil);
  }

  private void winter(int i, double mean) {
    if (i < seeded) {
      return;
    }
    double tmin = weather.tminC(i);
    double crown = surface.crownC(tmin);
    for (ComponentState c : stand) {
      double lost = c.winter(tmin, mean, crown, surface.snow);
      if (lost > 0) {
        litter.add(lost, c.carbonToNitrogen());
      }
    }
  }

  private void develop(int i, double mean) {
    for (ComponentState c : stand) {
      c.develop(i, newYear, mean, sky.photothermalUnits(i));
      if (c.hasEmerged() && c.alive()) {
        c.warmthSinceEmergence += Math.max(0, mean);
      }
    }
  }

  private void record(int day, int i) {
    double mass = 0;
    for (int c = 0; c < stand.length; c++) {
      ComponentState state = stand[c];
      columns.coverMgPerHa[c][day] = state.mass;
      columns.stageFraction[c][day] = state.stage;
      mass += state.mass;
    }
    columns.lightCaught[day] = canopy.caught;
    columns.rootsM[day] = canopy.rootsM;
    columns.mulchMgPerHa[day] = litter.mulch;
    columns.dyingMgPerHa[day] = acts.dyingMass();
    double wetness = soil.topWetness();
    double firmed = mass > FIRMING_MG ? FIRMED : 0;
    groundNow = Trafficability.of(wetness, firmed);
    columns.trafficability[day] = groundNow;
    if (columns.full()) {
      recordRest(day, i, wetness);
    }
  }

  private void recordRest(int day, int i, double wetness) {
    for (int c = 0; c < stand.length; c++) {
      ComponentState state = stand[c];
      columns.plantsPerM2[c][day] = state.plants;
      columns.photothermalUnits[c][day] = state.ptu;
      columns.hardening[c][day] = state.hardening.level;
    }
    columns.lightAtGround[day] = crop.lightAtGround(i);
    columns.leafAreaIndex[day] = canopy.leafArea;
    columns.soilWaterMm[0][day] = soil.water1;
    columns.soilWaterMm[1][day] = soil.water2;
    columns.soilWaterMm[2][day] = soil.water3;
    columns.topSoilWetness[day] = wetness;
    columns.mulchCarbonToNitrogen[day] = litter.carbonToNitrogen;
    columns.residueMgPerHa[day] = litter.residue;
    columns.snowDepthCm[day] = surface.snowCm();
    columns.waterStatus[day] = waterUse.status;
    columns.surfaceSkinMm[day] = surface.skin;
  }

  private SeasonRun result() {
    return new SeasonReading(weather, plan, columns).run(stand, crop.harvestIndex(), soil, acts);
  }
}
