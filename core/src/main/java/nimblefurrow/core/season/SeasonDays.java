package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.Month;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;

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

  /** Winter cereals that only have leaves do not last in summer's warm shade. */
  private static final double LEAFY_UNTIL = 0.3;

  private static final double HEAT_DEATHS_A_DAY = 0.035;
  static final double BARE_ROOTS_M = 0.15;

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
  private final int seedStops;
  private final EndingActs acts;
  private final Sightings sightings;
  private final int newYear;
  private final SeasonColumns columns;

  private double lagged;
  private double ground;
  private double snow;
  private double water;
  private double skin;
  private boolean soilWasWet;
  private boolean skinWasWet;
  private Going goingNow = Going.UNFIT;
  private boolean open;
  private double shielding;
  private double leafArea;
  private double fadingDepth;
  private double rootsM = Double.NaN;
  private double deepWeight;
  private double caught;
  private double waterStatus;
  private double standMass;

  SeasonDays(
      ModelParameters parameters,
      Sky sky,
      CropColumns crop,
      SeasonPlan plan,
      double lagged,
      SeasonColumns.Detail detail) {
    this(parameters, sky, crop, plan, lagged, detail, stand(parameters, plan));
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
        new ComponentState[0]);
  }

  private SeasonDays(
      ModelParameters parameters,
      Sky sky,
      CropColumns crop,
      SeasonPlan plan,
      double lagged,
      SeasonColumns.Detail detail,
      ComponentState[] stand) {
    this.parameters = parameters;
    this.sky = sky;
    this.weather = sky.weather();
    this.crop = crop;
    this.plan = plan;
    this.lagged = lagged;
    this.soil = new SoilColumn(parameters, plan.soil(), plan.start().initialAvailableWater());
    this.litter = new Litter(plan.start().residueMgPerHa());
    this.buried = parameters.placement(plan.placement()).buried();
    this.stand = stand;
    this.first = weather.indexOf(plan.firstDay());
    this.days = weather.indexOf(plan.lastDay()) - first + 1;
    this.seeded = weather.indexOf(plan.seededOn());
    this.acts = new EndingActs(parameters, sky, plan.endings(), stand, litter, soil);
    this.sightings = new Sightings(parameters, weather, plan.seen(), stand);
    this.seedStops = acts.seedStops();
    this.newYear = weather.indexOf(LocalDate.of(plan.year() + 1, Month.JANUARY, 1));
    this.columns = new SeasonColumns(plan.firstDay(), days, stand.length, detail);
  }

  private static ComponentState[] stand(ModelParameters parameters, SeasonPlan plan) {
    ModelParameters.SeedPlacement placement = parameters.placement(plan.placement());
    return plan.cover().stream()
        .map(c -> new ComponentState(c, placement, plan.start().nitrogen()))
        .toArray(ComponentState[]::new);
  }

  SeasonRun run() {
    return run(0);
  }

  /** Runs on from what the bare ground was like shortly before seeding. */
  SeasonRun runAfter(BareSeason bare) {
    int start = bare.startBefore(seeded - first);
    BareSeason.GroundState state = bare.at(start);
    lagged = state.lagged();
    snow = state.snow();
    skin = state.skin();
    soilWasWet = state.soilWasWet();
    skinWasWet = state.skinWasWet();
    litter.residue = state.residue();
    soil.restore(state.soil());
    bare.fill(columns, start);
    return run(start);
  }

  private SeasonRun run(int start) {
    for (int day = start; day < days; day++) {
      day(day);
    }
    return result();
  }

  /** The ground as it is between two days. */
  BareSeason.GroundState ground() {
    return new BareSeason.GroundState(
        lagged, snow, skin, soilWasWet, skinWasWet, litter.residue, soil.state());
  }

  /** Whether the ground carries machines at the end of the last day run. */
  Going going() {
    return goingNow;
  }

  /** Runs one day, counted from the season's first. */
  void day(int day) {
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
    spreadLeaves(i);
    evaporateAndTranspire(i);
    grow(i);
    thin(i);
    litter.decay(mean, i >= acts.down(), crop.residueLeft(i));
    acts.apply(i);
    sightings.apply(i);
    record(day, i);
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
    boolean soilWet = Math.max(soil.available1, soil.available2) >= 0.15;
    boolean skinWet = skin > 0;
    // What comes up on the ending day is up before it is ended.
    if (i >= seeded && i <= seedStops) {
      for (ComponentState c : stand) {
        c.germinate(i, ground, mean, buried ? soilWet : skinWet, buried ? soilWasWet : skinWasWet);
      }
    }
    soilWasWet = soilWet;
    skinWasWet = skinWet;
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
      if (c.emergedOn >= 0 && c.alive()) {
        c.warmthSinceEmergence += Math.max(0, mean);
      }
    }
  }

  private void spreadLeaves(int i) {
    standMass = 0;
    for (ComponentState c : stand) {
      standMass += c.mass;
    }
    leafArea = 0;
    caught = 0;
    double fading = acts.dyingMass();
    if (standMass <= 0 && fading <= 0) {
      for (ComponentState c : stand) {
        c.leafArea = 0;
      }
      return;
    }
    double share = 0.85 * Math.exp(-0.16 * standMass);
    for (ComponentState c : stand) {
      double most = c.plants * c.species.growth().leafMaxM2();
      c.leafArea = Math.min(c.leafPerMass * share * c.mass, most) * c.green() * c.upright;
      leafArea += c.leafArea;
    }
    fadingDepth = 0;
    if (fading > 0) {
      for (ComponentState c : stand) {
        leafArea += c.fadingLeaf(i);
        fadingDepth += c.species.growth().k() * c.fadingLeaf(i);
      }
    }
    double scale = leafArea > LEAF_AREA_MAX ? LEAF_AREA_MAX / leafArea : 1;
    leafArea *= scale;
    fadingDepth *= scale;
    double depth = fadingDepth;
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
    double roots = standRoots(i);
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

  private double standRoots(int i) {
    if (leafArea <= 0) {
      return BARE_ROOTS_M;
    }
    double sum = 0;
    for (ComponentState c : stand) {
      sum += c.leafArea * c.rootsM();
      if (c.dyingMass > 0) {
        sum += c.fadingLeaf(i) * c.rootsM();
      }
    }
    return Math.max(BARE_ROOTS_M, sum / leafArea);
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
      // What a spray killed shades the rest until it is brown, and makes nothing of the light.
      weights += fadingDepth;
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
      Double heat = c.species.growth().heatC();
      if (heat != null && c.stage < LEAFY_UNTIL) {
        share = 1 - (1 - share) * (1 - HEAT_DEATHS_A_DAY * Maths.clamp((ground - heat) / 5));
      }
      if (c.warmthSinceEmergence < 300 && waterStatus < 0.2) {
        share = 1 - (1 - share) * (1 - 0.03 * (0.2 - waterStatus) / 0.2);
      }
      if (share > 0) {
        litter.add(c.lose(share), c.carbonToNitrogen());
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
    columns.lightCaught[day] = caught;
    columns.rootsM[day] = rootsM;
    columns.mulchMgPerHa[day] = litter.mulch;
    columns.dyingMgPerHa[day] = acts.dyingMass();
    double wetness = soil.topWetness();
    double firmed = mass > 0.5 ? 0.04 : 0;
    goingNow = Going.of(wetness, firmed);
    columns.going[day] = goingNow;
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
    columns.mulchCarbonToNitrogen[day] = litter.carbonToNitrogen;
    columns.residueMgPerHa[day] = litter.residue;
    columns.snowDepthCm[day] = SNOW_CM_PER_MM * snow;
    columns.waterStatus[day] = waterStatus;
    columns.surfaceSkinMm[day] = skin;
  }

  private SeasonRun result() {
    return new SeasonReading(weather, plan, columns).run(stand, crop.harvestIndex(), soil, acts);
  }
}
