package nimblefurrow.core.season;

import static nimblefurrow.core.units.Maths.clamp;

import nimblefurrow.core.cover.ClockKind;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Hardiness;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageScale;

/** One species of the cover as it changes from day to day. Mutable, and alive only inside a run. */
final class ComponentState {
  private static final double FIRST_FRACTION = 0.16;
  private static final double HALF = 0.5;
  private static final double LAST_FRACTION = 0.84;
  private static final double REMNANT_PER_M2 = 0.3;
  private static final double SURE_SURVIVAL = 4;
  private static final double LOGISTIC_AT_FOUR = 1 / (1 + Math.exp(SURE_SURVIVAL));

  final CoverComponent component;
  final Species species;
  final boolean perennial;
  private final boolean buried;
  private final double stageSpreadSeed;
  private final double softLt50;
  final double leafPerMass;
  final double growsUntil;
  final double greenUntil;
  final double sizeLimit;
  final double nitrogenFactor;

  final double liveSeeds;
  double waiting;
  double emerged;
  double plants;
  double mass;
  double clock;
  double ratio;
  private double emergedShare;
  int emergedOn = -1;
  private int firstDay = -1;
  private int lastDay = -1;
  double warmthSinceEmergence;
  private double autumnWarmth;

  double hardening;
  double worst;
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
      CoverComponent component, ModelParameters.SeedPlacement placement, NitrogenLevel nitrogen) {
    this.component = component;
    this.species = component.species();
    this.perennial = species.perennial();
    this.buried = placement.buried();
    this.stageSpreadSeed = placement.stageSpreadPtu();
    Species.Winter winter = species.winter();
    this.softLt50 =
        switch (winter.hardiness()) {
          case HARDY -> Math.min(-3, 0.3 * winter.lt50HardC());
          case HALF -> 0.8 * winter.lt50HardC();
          case SUMMER -> winter.lt50HardC();
        };
    boolean cereal = species.clock().scale().cereal();
    this.growsUntil = cereal ? 1.36 : 1.25;
    this.greenUntil = cereal ? 1.50 : 1.33;
    this.leafPerMass = 0.1 * species.growth().slaM2PerKg();
    boolean legume = species.legume();
    double size =
        legume
            ? 1.0
            : switch (nitrogen) {
              case LOW -> 0.6;
              case MEDIUM -> 0.8;
              case HIGH -> 1.0;
            };
    this.sizeLimit = 1 / (species.growth().maxMgPerHa() * size);
    this.nitrogenFactor =
        legume
            ? 1.0
            : switch (nitrogen) {
              case LOW -> 0.75;
              case MEDIUM -> 0.90;
              case HIGH -> 1.0;
            };
    this.liveSeeds = component.liveSeedsPerM2();
    this.waiting = liveSeeds * placement.ceiling() * sizeFactor();
    this.need = species.clock().keyPtu();
    this.needSet = species.clock().kind() != ClockKind.WINTER;
    this.stageDays = new int[species.clock().scale().stages().size()];
    java.util.Arrays.fill(stageDays, -1);
  }

  private double sizeFactor() {
    double mg = species.seed().singleMg();
    if (!buried) {
      return mg > 60 ? 0.5 : mg > 25 ? 0.75 : 1;
    }
    Double depth = component.depthMm();
    return mg < 4 && depth != null && depth > 15 ? 0.6 : 1;
  }

  boolean alive() {
    return plants > 0;
  }

  /** Germination and emergence of day {@code i}, when seed is in the field. */
  void germinate(int i, double groundC, double meanC, boolean wet, boolean wetBefore) {
    if (waiting <= 0) {
      return;
    }
    Species.Germination g = species.germination();
    if (wet) {
      clock += Math.max(0, groundC - g.baseC());
      ratio = clock / g.thermalTimeCd();
    }
    if (!buried) {
      if (meanC > 5) {
        waiting *= 0.985;
      }
      if (!wet && wetBefore) {
        waiting *= ratio > 0.5 ? 0.60 : ratio > 0.2 ? 0.88 : 1;
      }
    }
    double share = clamp((ratio - 0.8) / 0.4);
    if (share > emergedShare) {
      double fresh = waiting * (share - emergedShare) / (1 - emergedShare);
      waiting -= fresh;
      plants += fresh;
      emerged += fresh;
      mass += fresh * species.growth().seedlingMg() * 1e-5;
      emergedShare = share;
      if (firstDay < 0 && share >= FIRST_FRACTION) {
        firstDay = i;
      }
      if (emergedOn < 0 && share >= HALF) {
        emergedOn = i;
      }
      if (lastDay < 0 && share >= LAST_FRACTION) {
        lastDay = i;
      }
      if (share >= 1) {
        waiting = 0;
      }
    }
  }

  /** Hardening, leaf burn and winter kill; returns the mass lost, Mg/ha. */
  double winter(double tmin, double meanC, double crownC, double snowWaterMm) {
    Species.Winter winter = species.winter();
    if (ratio >= 0.2 && winter.hardiness() != Hardiness.SUMMER) {
      if (meanC >= -2 && meanC <= 8) {
        hardening = Math.min(1, hardening + 0.035);
      } else if (meanC > 12) {
        hardening = Math.max(0, hardening - 0.03);
      }
    }
    if (plants <= 0) {
      return 0;
    }
    double lost = 0;
    if (tmin < 0.35 * winter.lt50HardC() && snowWaterMm < 5) {
      lost = 0.01 * mass;
      mass -= lost;
    }
    double felt = winter.exposed() ? tmin : crownC;
    double above = felt - (softLt50 + hardening * (winter.lt50HardC() - softLt50));
    if (above < SURE_SURVIVAL) {
      double logistic = 1 / (1 + Math.exp(Math.max(above, -50)));
      double p = clamp((logistic - LOGISTIC_AT_FOUR) / (1 - LOGISTIC_AT_FOUR));
      if (p > worst) {
        double share = (p - worst) / (1 - worst);
        worst = p;
        if (plants * (1 - share) < REMNANT_PER_M2) {
          share = 1;
        }
        lost += lose(share);
      }
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
    if (emergedOn < 0) {
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
    mass = plants > 0 ? mass * perM2 / plants : perM2 * species.growth().seedlingMg() * 1e-5;
    emerged += Math.max(0, perM2 - plants);
    plants = perM2;
    if (perM2 > 0 && emergedOn < 0) {
      emergedOn = i;
    }
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
      stageDays[nextStage] = -1;
      if (nextStage == scale.keyIndex()) {
        massAtKey = Double.NaN;
      }
    }
    reachStages(i);
  }

  /** Spread of emergence, days. */
  double emergenceSpreadDays() {
    return firstDay >= 0 && lastDay >= 0 ? (lastDay - firstDay) / 2.0 : 0;
  }

  /** Spread of stages within the stand, PTU. */
  double stageSpreadPtu() {
    double late = 1.5 * emergenceSpreadDays();
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
