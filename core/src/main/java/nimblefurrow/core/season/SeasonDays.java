package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;
import org.jspecify.annotations.Nullable;

/**
 * The days of one season in order. Each step of a day uses the states left by the step before; the
 * methods stand in the order of the day.
 */
final class SeasonDays {
  private static final double SKIN_MAX_MM = 5;
  private static final double SKIN_REFILL_MM = 3;
  private static final double DORMANT_SNOW_MM = 5;
  private static final double SNOW_CM_PER_MM = 0.6;
  private static final double LEAF_AREA_MAX = 6;
  private static final double MULCH_THAT_HOLDS = 4;

  private final ModelParameters parameters;
  private final Sky sky;
  private final DailyWeather weather;
  private final CropColumns crop;
  private final SeasonPlan plan;
  private final SoilColumn soil;
  private final Litter litter;
  private final ComponentState[] stand;
  private final boolean buried;
  private final int first;
  private final int days;
  private final int seeded;
  private final int ended;
  private final int newYear;
  private final SeasonColumns columns;

  private double lagged;
  private double ground;
  private double snow;
  private double water;
  private double skin;
  private boolean wetBefore;
  private boolean open;
  private double shielding;
  private double leafArea;
  private double rootsM = Double.NaN;
  private double deepWeight;
  private double caught;
  private double waterStatus;
  private double standMass;
  private @Nullable Terminated termination;

  SeasonDays(
      ModelParameters parameters,
      Sky sky,
      CropColumns crop,
      SeasonPlan plan,
      double lagged,
      SeasonColumns.Detail detail) {
    this.parameters = parameters;
    this.sky = sky;
    this.weather = sky.weather();
    this.crop = crop;
    this.plan = plan;
    this.lagged = lagged;
    this.soil = new SoilColumn(parameters, plan.soil(), plan.start().initialAvailableWater());
    this.litter = new Litter(plan.start().residueMgPerHa());
    ModelParameters.SeedPlacement placement = parameters.placement(plan.placement());
    this.buried = placement.buried();
    this.stand = new ComponentState[plan.cover().size()];
    for (int c = 0; c < stand.length; c++) {
      stand[c] = new ComponentState(plan.cover().get(c), placement, plan.start().nitrogen());
    }
    this.first = weather.indexOf(plan.firstDay());
    this.days = weather.indexOf(plan.lastDay()) - first + 1;
    this.seeded = weather.indexOf(plan.seededOn());
    Ending ending = plan.ending();
    this.ended = ending == null ? Integer.MAX_VALUE : weather.indexOf(ending.on());
    this.newYear = weather.indexOf(LocalDate.of(plan.year() + 1, Month.JANUARY, 1));
    this.columns = new SeasonColumns(plan.firstDay(), days, stand.length, detail);
  }

  SeasonRun run() {
    for (int day = 0; day < days; day++) {
      int i = first + day;
      double mean = sky.meanC(i);
      feelGround(mean);
      cutCrop(i);
      takeSnowAndRain(i, mean);
      soil.infiltrateAndDrain(water);
      germinate(i, mean);
      drySkin(i);
      winter(i, mean);
      develop(i, mean);
      spreadLeaves();
      evaporateAndTranspire(i);
      grow(i);
      thin(i);
      litter.decay(mean, i >= ended, crop.residueLeft(i));
      if (i == ended) {
        terminate();
      }
      record(day, i);
    }
    return result();
  }

  private void feelGround(double mean) {
    lagged += (mean - lagged) / 20;
    ground = (mean + lagged) / 2;
  }

  private void cutCrop(int i) {
    if (i == crop.harvestIndex()) {
      litter.residue += crop.residueMgPerHa();
    }
  }

  private void takeSnowAndRain(int i, double mean) {
    double precip = weather.precipMm(i);
    if (mean <= 0) {
      snow += precip;
      water = 0;
    } else {
      double melt = Math.min(snow, 3 * mean);
      snow -= melt;
      water = precip + melt;
    }
  }

  private void germinate(int i, double mean) {
    if (water >= SKIN_REFILL_MM) {
      skin = Math.min(SKIN_MAX_MM, skin + water);
    }
    open = mean > 0 && snow <= 0;
    if (open || skin > 0) {
      shielding = Math.exp(-0.35 * (litter.mulch + litter.residue));
    }
    boolean wet = buried ? Math.max(soil.available1, soil.available2) >= 0.15 : skin > 0;
    if (i >= seeded && i < ended) {
      for (ComponentState c : stand) {
        c.germinate(i, ground, mean, wet, wetBefore);
      }
    }
    wetBefore = wet;
  }

  private void drySkin(int i) {
    if (skin > 0) {
      double light = crop.lightAtGround(i);
      skin = Math.max(0, skin - sky.et0Mm(i) * (0.5 + 0.5 * light * shielding));
    }
  }

  /** Crown temperature under snow after Ritchie and Otter 1985. */
  private void winter(int i, double mean) {
    if (i < seeded) {
      return;
    }
    double tmin = weather.tminC(i);
    double crown = tmin + 2;
    if (tmin < 0) {
      double depthCm = Math.min(SNOW_CM_PER_MM * snow, 15) - 15;
      crown = 2 + tmin * (0.4 + 0.0018 * depthCm * depthCm);
    }
    for (ComponentState c : stand) {
      double lost = c.winter(tmin, mean, crown, snow);
      if (lost > 0) {
        litter.add(lost, c.carbonToNitrogen());
      }
    }
  }

  private void develop(int i, double mean) {
    for (ComponentState c : stand) {
      c.develop(i, newYear, mean, sky.photothermalUnits(i));
      if (c.emergedOn >= 0) {
        c.warmthSinceEmergence += Math.max(0, mean);
      }
    }
  }

  private void spreadLeaves() {
    standMass = 0;
    for (ComponentState c : stand) {
      standMass += c.mass;
    }
    leafArea = 0;
    caught = 0;
    if (standMass <= 0) {
      for (ComponentState c : stand) {
        c.leafArea = 0;
      }
      return;
    }
    double share = 0.85 * Math.exp(-0.16 * standMass);
    for (ComponentState c : stand) {
      double most = c.plants * c.species.growth().leafMaxM2();
      c.leafArea = Math.min(c.leafPerMass * share * c.mass, most) * c.green();
      leafArea += c.leafArea;
    }
    double scale = leafArea > LEAF_AREA_MAX ? LEAF_AREA_MAX / leafArea : 1;
    leafArea *= scale;
    double depth = 0;
    for (ComponentState c : stand) {
      c.leafArea *= scale;
      depth += c.species.growth().k() * c.leafArea;
    }
    caught = 1 - Math.exp(-depth);
  }

  private void evaporateAndTranspire(int i) {
    double et0 = sky.et0Mm(i);
    double light = crop.lightAtGround(i);
    double cropCoefficient = 1.15 * crop.greenCover(i);
    double coverCoefficient = open ? 1.10 * caught * light : 0;
    double roots = standRoots();
    if (roots != rootsM) {
      rootsM = roots;
      deepWeight = SoilColumn.deepRootWeight(roots);
    }
    waterStatus = soil.waterStatus(rootsM, deepWeight);
    if (open) {
      soil.evaporate(et0, cropCoefficient + coverCoefficient, light * (1 - caught), shielding);
    }
    if (cropCoefficient > 0) {
      double cropRoots = crop.rootsM(i);
      double cropDeep = crop.deepRootWeight(i);
      double status = soil.waterStatus(cropRoots, cropDeep);
      soil.cropTranspirationMm += soil.transpire(cropCoefficient * status * et0, cropDeep);
    }
    soil.coverTranspirationMm += soil.transpire(coverCoefficient * waterStatus * et0, deepWeight);
  }

  private double standRoots() {
    if (leafArea <= 0) {
      return 0.15;
    }
    double sum = 0;
    for (ComponentState c : stand) {
      sum += c.leafArea * c.rootsM();
    }
    return sum / leafArea;
  }

  private void grow(int i) {
    if (caught > 0 && snow <= DORMANT_SNOW_MM) {
      double taken = 0;
      double weights = 0;
      for (ComponentState c : stand) {
        double size = c.mass * c.sizeLimit;
        taken += size;
        c.lightWeight = c.leafArea * c.species.growth().k();
        if (stand.length > 1 && c.lightWeight > 0) {
          c.lightWeight *= Math.pow(c.species.growth().dominance(), caught);
        }
        weights += c.lightWeight;
      }
      double crowd = Maths.clamp(1 - taken * taken);
      double par = 0.48 * sky.solarMj(i);
      double common = par * caught * waterStatus * crowd * crop.lightAtGround(i) / 100;
      for (ComponentState c : stand) {
        if (c.lightWeight > 0) {
          c.mass +=
              common
                  * c.species.growth().rueGPerMj()
                  * (c.lightWeight / weights)
                  * c.warmthResponse(ground)
                  * c.nitrogenFactor
                  * c.growing();
        }
      }
    }
  }

  private void thin(int i) {
    double light = crop.lightAtGround(i);
    for (ComponentState c : stand) {
      if (!c.alive()) {
        continue;
      }
      double share = 0;
      if (light < 0.25) {
        share = 0.018 * (0.25 - light) / 0.25 * c.species.growth().shade();
      }
      if (c.warmthSinceEmergence < 300 && waterStatus < 0.2) {
        share = 1 - (1 - share) * (1 - 0.03 * (0.2 - waterStatus) / 0.2);
      }
      if (share > 0) {
        litter.add(c.lose(share), c.carbonToNitrogen());
      }
    }
  }

  private void terminate() {
    Ending ending = plan.ending();
    if (ending == null) {
      return;
    }
    int n = stand.length;
    double[] kill = new double[n];
    double[] stages = new double[n];
    double[] heights = new double[n];
    double cover = 0;
    double nitrogen = 0;
    for (ComponentState c : stand) {
      cover += c.mass;
      nitrogen += 430 * c.mass / c.carbonToNitrogen();
    }
    double tallest = 0;
    for (int c = 0; c < n; c++) {
      stages[c] = stand[c].stage;
      heights[c] = stand[c].alive() ? stand[c].heightCm(parameters, cover) : 0;
      tallest = Math.max(tallest, heights[c]);
    }
    for (int c = 0; c < n; c++) {
      kill[c] = ending instanceof Ending.Roll roll ? RollerKill.of(stand[c], roll, tallest) : 1;
    }
    for (int c = 0; c < n; c++) {
      ComponentState state = stand[c];
      litter.add(state.lose(kill[c]), state.carbonToNitrogen());
      state.waiting = 0;
    }
    double percentNitrogen = cover > 0 ? nitrogen / (10 * cover) : 0;
    double available = cover > 0 ? nitrogen * Math.min(60, 24.5 * percentNitrogen - 37) / 100 : 0;
    termination =
        new Terminated(
            ending.on(),
            cover,
            kill,
            cover > 0 ? 430 * cover / nitrogen : null,
            nitrogen,
            available,
            soil.coverTranspirationMm,
            stages,
            litter.mulch,
            heights,
            null,
            null,
            null,
            null);
  }

  private void record(int day, int i) {
    double mass = 0;
    for (int c = 0; c < stand.length; c++) {
      ComponentState state = stand[c];
      columns.coverMgPerHa[c][day] = state.mass;
      columns.stageFraction[c][day] = state.stage;
      mass += state.mass;
    }
    columns.lightCaught[day] = caught;
    columns.rootsM[day] = rootsM;
    double wetness = soil.topWetness();
    double firmed = mass > 0.5 ? 0.04 : 0;
    columns.going[day] =
        wetness <= 0.92 + firmed
            ? Going.FIT
            : wetness <= 0.98 + firmed ? Going.MARGINAL : Going.UNFIT;
    if (columns.full()) {
      recordRest(day, i, wetness);
    }
  }

  private void recordRest(int day, int i, double wetness) {
    for (int c = 0; c < stand.length; c++) {
      ComponentState state = stand[c];
      columns.plantsPerM2[c][day] = state.plants;
      columns.photothermalUnits[c][day] = state.ptu;
      columns.hardening[c][day] = state.hardening;
    }
    columns.lightAtGround[day] = crop.lightAtGround(i);
    columns.leafAreaIndex[day] = leafArea;
    columns.soilWaterMm[0][day] = soil.water1;
    columns.soilWaterMm[1][day] = soil.water2;
    columns.soilWaterMm[2][day] = soil.water3;
    columns.topSoilWetness[day] = wetness;
    columns.mulchMgPerHa[day] = litter.mulch;
    columns.mulchCarbonToNitrogen[day] = litter.carbonToNitrogen;
    columns.residueMgPerHa[day] = litter.residue;
    columns.snowDepthCm[day] = SNOW_CM_PER_MM * snow;
    columns.waterStatus[day] = waterStatus;
    columns.surfaceSkinMm[day] = skin;
  }

  private SeasonRun result() {
    List<SeasonRun.Component> components = new ArrayList<>();
    for (ComponentState c : stand) {
      components.add(component(c));
    }
    int harvest = crop.harvestIndex();
    int year = plan.year();
    SoilColumn s = soil;
    return new SeasonRun(
        columns,
        harvest >= 0 && harvest < weather.days() ? weather.start().plusDays(harvest) : null,
        List.copyOf(components),
        new SeasonRun.CoverOn(
            coverOn(LocalDate.of(year, Month.NOVEMBER, 20)),
            coverOn(LocalDate.of(year + 1, Month.MARCH, 1)),
            coverOn(LocalDate.of(year + 1, Month.APRIL, 1)),
            coverOn(LocalDate.of(year + 1, Month.MAY, 1))),
        firstFit(LocalDate.of(year + 1, Month.APRIL, 20)),
        new SeasonRun.Water(
            s.coverTranspirationMm,
            s.cropTranspirationMm,
            s.evaporationMm,
            s.drainageMm,
            s.runoffMm),
        followUp(termination));
  }

  private SeasonRun.Component component(ComponentState c) {
    Map<String, LocalDate> stages = new LinkedHashMap<>();
    for (int s = 0; s < c.stageDays.length; s++) {
      if (c.stageDays[s] >= 0) {
        stages.put(
            c.species.clock().scale().stages().get(s).name(),
            weather.start().plusDays(c.stageDays[s]));
      }
    }
    return new SeasonRun.Component(
        c.liveSeeds,
        c.emerged,
        c.waiting,
        c.emergedOn < 0 ? null : weather.start().plusDays(c.emergedOn),
        c.survival,
        1 - c.worst,
        c.stageSpreadPtu(),
        c.need,
        Double.isNaN(c.massAtKey) ? null : c.massAtKey,
        stages);
  }

  private @Nullable Double coverOn(LocalDate date) {
    int day = columns.indexOf(date);
    return day >= 0 && day < days ? columns.totalCoverMgPerHa(day) : null;
  }

  private @Nullable LocalDate firstFit(LocalDate from) {
    for (int day = Math.max(0, columns.indexOf(from)); day < days; day++) {
      if (columns.going[day] == Going.FIT) {
        return columns.start().plusDays(day);
      }
    }
    return null;
  }

  private @Nullable Terminated followUp(@Nullable Terminated t) {
    if (t == null || !columns.full()) {
      return t;
    }
    int day = columns.indexOf(t.on());
    Double weeks = null;
    for (int d = day; d < days; d++) {
      if (columns.mulchMgPerHa[d] < MULCH_THAT_HOLDS) {
        weeks = (d - day) / 7.0;
        break;
      }
    }
    Double later = day + 28 < days ? columns.mulchMgPerHa[day + 28] : null;
    return new Terminated(
        t.on(),
        t.coverMgPerHa(),
        t.kill(),
        t.carbonToNitrogen(),
        t.nitrogenInTopsKgPerHa(),
        t.availableNitrogenKgPerHa(),
        t.coverTranspirationMm(),
        t.stageFraction(),
        t.mulchMgPerHa(),
        t.heightCm(),
        weeks,
        later,
        later == null ? null : Math.exp(-0.40 * later),
        later == null ? null : Math.exp(-0.18 * later));
  }
}
