package nimblefurrow.core.season;

import static nimblefurrow.core.units.Maths.clamp;

import java.util.Arrays;
import nimblefurrow.core.cover.ClockKind;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageScale;

/** One species of the cover as it changes from day to day. Mutable, and alive only inside a run. */
final class ComponentState {
  /** mg/m² in Mg/ha. */
  private static final double MG_PER_M2_IN_MG_PER_HA = 1e-5;

  private static final double REMNANT_PER_M2 = 0.3;

  final CoverComponent component;
  final Species species;
  final boolean perennial;
  private final double stageSpreadSeed;
  final double leafPerMass;
  final double growsUntil;
  final double greenUntil;
  final double sizeLimit;

  /** Dry matter of the light it takes, g/MJ. */
  final double massPerLight;

  /** What of the model's mass comes on the farm: leaves, size and growth are all in its measure. */
  final double growth;

  final double nitrogenFactor;

  final double liveSeeds;
  final Emergence emergence;
  final Hardening hardening;
  double plants;
  double mass;
  double warmthSinceEmergence;
  private double autumnWarmth;
  double survival = 1;

  double need;
  boolean needSet;
  double ptu;
  double stage;
  final int[] stageDays;
  private int nextStage;
  double massAtKey = Double.NaN;

  double leafArea;
  double lightWeight;

  /** Killed by a spray and still standing, Mg/ha; its leaf area on that day. */
  double dyingMass;

  double dyingLeaf;
  int dyingFrom;
  int dyingDays;

  /** Share of the leaves that face the light again after the roller. */
  double upright = 1;

  private int laidOn;
  private int standUpDays;

  ComponentState(
      CoverComponent component, ModelParameters.SeedPlacement placement, FieldStart start) {
    this.component = component;
    this.species = component.species();
    this.perennial = species.perennial();
    this.stageSpreadSeed = placement.stageSpreadPtu();
    boolean cereal = species.clock().scale().cereal();
    this.growsUntil = cereal ? 1.36 : 1.25;
    this.greenUntil = cereal ? 1.50 : 1.33;
    this.growth = start.growth();
    this.massPerLight = species.growth().rueGPerMj() * growth;
    // As many leaves on another mass: the stand catches the light that it does in the model.
    this.leafPerMass = 0.1 * species.growth().slaM2PerKg() / growth;
    boolean legume = species.legume();
    double size =
        legume
            ? 1.0
            : switch (start.nitrogen()) {
              case LOW -> 0.6;
              case MEDIUM -> 0.8;
              case HIGH -> 1.0;
            };
    this.sizeLimit = 1 / (species.growth().maxMgPerHa() * size * growth);
    this.nitrogenFactor =
        legume
            ? 1.0
            : switch (start.nitrogen()) {
              case LOW -> 0.75;
              case MEDIUM -> 0.90;
              case HIGH -> 1.0;
            };
    this.liveSeeds = component.liveSeedsPerM2();
    this.emergence = new Emergence(component, placement, start.comesUp());
    this.hardening = new Hardening(species.winter());
    this.need = species.clock().keyPtu();
    this.needSet = species.clock().kind() != ClockKind.WINTER;
    this.stageDays = new int[species.clock().scale().stages().size()];
    Arrays.fill(stageDays, Emergence.NOT_YET);
  }

  private ComponentState(ComponentState of, int days) {
    component = of.component;
    species = of.species;
    perennial = of.perennial;
    stageSpreadSeed = of.stageSpreadSeed;
    leafPerMass = of.leafPerMass;
    growsUntil = of.growsUntil;
    greenUntil = of.greenUntil;
    sizeLimit = of.sizeLimit;
    massPerLight = of.massPerLight;
    growth = of.growth;
    nitrogenFactor = of.nitrogenFactor;
    liveSeeds = of.liveSeeds;
    emergence = of.emergence.moved(days);
    hardening = of.hardening.copy();
    plants = of.plants;
    mass = of.mass;
    warmthSinceEmergence = of.warmthSinceEmergence;
    autumnWarmth = of.autumnWarmth;
    survival = of.survival;
    need = of.need;
    needSet = of.needSet;
    ptu = of.ptu;
    stage = of.stage;
    stageDays = of.stageDays.clone();
    for (int s = 0; s < stageDays.length; s++) {
      stageDays[s] += stageDays[s] == Emergence.NOT_YET ? 0 : days;
    }
    nextStage = of.nextStage;
    massAtKey = of.massAtKey;
    leafArea = of.leafArea;
    lightWeight = of.lightWeight;
    dyingMass = of.dyingMass;
    dyingLeaf = of.dyingLeaf;
    dyingFrom = of.dyingFrom + days;
    dyingDays = of.dyingDays;
    upright = of.upright;
    laidOn = of.laidOn + days;
    standUpDays = of.standUpDays;
  }

  /** The same plants with their days counted from elsewhere. */
  ComponentState moved(int days) {
    return new ComponentState(this, days);
  }

  boolean alive() {
    return plants > 0;
  }

  /** Germination and emergence of day {@code i}, when seed is in the field. */
  void germinate(int i, double groundC, double meanC, boolean wet, boolean wetBefore) {
    double fresh = emergence.comeUp(i, groundC, meanC, wet, wetBefore);
    plants += fresh;
    mass += seedlings(fresh);
  }

  /** Mass of so many that have just come up, Mg/ha. */
  private double seedlings(double perM2) {
    return perM2 * species.growth().seedlingMg() * growth * MG_PER_M2_IN_MG_PER_HA;
  }

  boolean hasEmerged() {
    return emergence.emergedOn != Emergence.NOT_YET;
  }

  /** Hardening, leaf burn and winter kill; returns the mass lost, Mg/ha. */
  double winter(double tmin, double meanC, double crownC, double snowWaterMm) {
    if (emergence.woken()) {
      hardening.harden(meanC);
    }
    if (plants <= 0) {
      return 0;
    }
    double lost = hardening.burnt(tmin, snowWaterMm) * mass;
    mass -= lost;
    double share = hardening.killed(tmin, crownC);
    if (share > 0) {
      lost += lose(plants * (1 - share) < REMNANT_PER_M2 ? 1 : share);
    }
    return lost;
  }

  /** Loses a share of plants and mass; returns the mass, Mg/ha. */
  double lose(double share) {
    double lost = mass * share;
    mass -= lost;
    plants *= 1 - share;
    survival *= 1 - share;
    if (share >= 1) {
      mass = 0;
      plants = 0;
    }
    return lost;
  }

  /** The roller lays the survivors down; they rise over some days. */
  void layDown(int i, int days) {
    laidOn = i;
    standUpDays = days;
    upright = days > 0 ? 0 : 1;
  }

  void standUp(int i) {
    if (upright < 1) {
      upright = clamp((double) (i - laidOn) / standUpDays);
    }
  }

  /** Leaf area of what a spray killed, fading to nothing by the day it is brown. */
  double fadingLeaf(int i) {
    return dyingMass <= 0 ? 0 : dyingLeaf * clamp(1 - (double) (i - dyingFrom) / dyingDays);
  }

  /** Whether a low cut takes the growing point: what heads on one stem does not come again. */
  boolean growingPointIsUp() {
    boolean regrows = species.legume() || species.sprayKind().equals("ryegrass");
    return !regrows && stage >= species.clock().scale().stages().get(0).fraction();
  }

  /**
   * Moves the stage clock.
   *
   * @param newYear index of 1 January after seeding
   */
  void develop(int i, int newYear, double meanC, double photothermal) {
    if (!hasEmerged()) {
      return;
    }
    Species.Clock c = species.clock();
    if (c.kind() == ClockKind.WINTER) {
      if (i < newYear) {
        autumnWarmth += Math.max(0, meanC - 4);
        return;
      }
      if (!needSet) {
        need = c.keyPtu() + 60 * clamp(1 - autumnWarmth / 150);
        needSet = true;
      }
    }
    if (plants <= 0) {
      return;
    }
    ptu += c.kind() == ClockKind.NEUTRAL ? Math.max(0, meanC - c.baseC()) : photothermal;
    stage = ptu / need;
    reachStages(i);
  }

  private void reachStages(int i) {
    StageScale scale = species.clock().scale();
    while (nextStage < stageDays.length && stage >= scale.stages().get(nextStage).fraction()) {
      stageDays[nextStage] = i;
      if (nextStage == scale.keyIndex()) {
        massAtKey = mass;
      }
      nextStage++;
    }
  }

  /** A count outranks the model: the stand is as many plants of the size the model has. */
  void seePlants(double perM2, int i) {
    mass = plants > 0 ? mass * perM2 / plants : seedlings(perM2);
    if (perM2 > 0) {
      emergence.see(perM2 - plants, i);
    }
    plants = perM2;
  }

  /** A stage outranks the model: stages it has not reached are taken back, others are reached. */
  void seeStage(double fraction, int i) {
    if (!needSet || plants <= 0) {
      return;
    }
    stage = fraction;
    ptu = fraction * need;
    StageScale scale = species.clock().scale();
    while (nextStage > 0 && scale.stages().get(nextStage - 1).fraction() > stage) {
      nextStage--;
      stageDays[nextStage] = Emergence.NOT_YET;
      if (nextStage == scale.keyIndex()) {
        massAtKey = Double.NaN;
      }
    }
    reachStages(i);
  }

  /** Spread of stages within the stand, PTU. */
  double stageSpreadPtu() {
    double late = 1.5 * emergence.spreadDays();
    return Math.sqrt(stageSpreadSeed * stageSpreadSeed + late * late);
  }

  double rootsM() {
    return Math.min(species.growth().rootMaxM(), 0.15 + 0.001 * warmthSinceEmergence);
  }

  double green() {
    return perennial ? 1 : clamp((greenUntil - stage) / (greenUntil - 1.06));
  }

  double growing() {
    return perennial ? 1 : clamp((growsUntil - stage) / (growsUntil - 1));
  }

  /** Response to warmth, 0..1. */
  double warmthResponse(double groundC) {
    Species.Growth g = species.growth();
    if (groundC <= g.baseC() || groundC >= g.maxC()) {
      return 0;
    }
    if (groundC < g.plateauLowC()) {
      return (groundC - g.baseC()) / (g.plateauLowC() - g.baseC());
    }
    return groundC <= g.plateauHighC() ? 1 : (g.maxC() - groundC) / (g.maxC() - g.plateauHighC());
  }

  double carbonToNitrogen() {
    return species.carbonToNitrogen().at(stage);
  }

  double heightCm(ModelParameters parameters, double standMass) {
    double byStage = parameters.height(species.clock().scale().cereal()).at(stage);
    return species.growth().heightMaxCm() * byStage * Math.min(1, Math.sqrt(standMass / 3));
  }
}
