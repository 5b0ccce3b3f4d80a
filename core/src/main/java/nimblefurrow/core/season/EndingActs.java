package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.weather.Sky;
import org.jspecify.annotations.Nullable;

/** The acts that end a season's cover, each on its day, and what comes of them afterwards. */
final class EndingActs {
  private static final double CARBON_KG_PER_MG = 430;
  private static final double LEFT_OF_A_JOINTED_STAND = 0.30;
  private static final int NEVER = Integer.MAX_VALUE;

  private final ModelParameters parameters;
  private final Sky sky;
  private final ComponentState[] stand;
  private final Litter litter;
  private final SoilColumn soil;
  private final List<Ending> acts;
  private final int[] days;
  private final int[] lastDays;
  private final List<EndingEffect> effects = new ArrayList<>();
  private final int first;
  private final int seedStops;
  private final int down;
  private @Nullable Terminated termination;

  EndingActs(
      ModelParameters parameters,
      Sky sky,
      List<Ending> acts,
      ComponentState[] stand,
      Litter litter,
      SoilColumn soil) {
    this.parameters = parameters;
    this.sky = sky;
    this.stand = stand;
    this.litter = litter;
    this.soil = soil;
    this.acts = acts;
    this.days = new int[acts.size()];
    this.lastDays = new int[acts.size()];
    int stops = NEVER;
    int flat = NEVER;
    for (int a = 0; a < days.length; a++) {
      Ending act = acts.get(a);
      days[a] = sky.weather().indexOf(act.on());
      lastDays[a] = act instanceof Ending.Graze g ? sky.weather().indexOf(g.until()) : days[a];
      if (act instanceof Ending.Kill || act instanceof Ending.Roll || act instanceof Ending.Till) {
        stops = Math.min(stops, days[a]);
        flat = Math.min(flat, days[a]);
      } else if (act instanceof Ending.Cut cut && !cut.takenOff()) {
        flat = Math.min(flat, days[a]);
      }
    }
    this.first = days.length == 0 ? NEVER : days[0];
    this.seedStops = stops;
    this.down = flat;
  }

  /** Goes on after acts of days that are past. */
  void goOn(List<EndingEffect> past, @Nullable Terminated ended) {
    effects.addAll(past);
    termination = ended;
  }

  /** The day from which no more seed comes up. */
  int seedStops() {
    return seedStops;
  }

  /** The day from which the mulch lies on the ground and rots at its full pace. */
  int down() {
    return down;
  }

  List<EndingEffect> effects() {
    return List.copyOf(effects);
  }

  /** The cover as the first act that was meant to kill it found it. */
  @Nullable Terminated termination() {
    return termination;
  }

  /** Killed plants that still stand, Mg/ha. */
  double dyingMass() {
    double sum = 0;
    for (ComponentState c : stand) {
      sum += c.dyingMass;
    }
    return sum;
  }

  /** The acts of day {@code i}, and the fading after earlier ones. */
  void apply(int i) {
    if (i < first) {
      return;
    }
    for (ComponentState c : stand) {
      if (c.dyingMass > 0 && i >= c.dyingFrom + c.dyingDays) {
        brown(c);
      }
      c.standUp(i);
    }
    for (int a = 0; a < days.length; a++) {
      if (i >= days[a] && i <= lastDays[a]) {
        act(acts.get(a), i);
      }
    }
  }

  private void brown(ComponentState c) {
    litter.add(c.dyingMass, c.carbonToNitrogen());
    c.dyingMass = 0;
    c.dyingLeaf = 0;
  }

  private void act(Ending act, int i) {
    if (act instanceof Ending.Graze graze) {
      graze(graze, i);
    } else if (act instanceof Ending.Cut cut) {
      cut(cut);
    } else {
      end(act, i);
    }
  }

  private void end(Ending act, int i) {
    int n = stand.length;
    double[] heights = heights();
    double tallest = Arrays.stream(heights).max().orElse(0);
    double meanC = meanAround(i);
    double[] kill = new double[n];
    for (int c = 0; c < n; c++) {
      if (act instanceof Ending.Roll roll) {
        kill[c] = RollerKill.of(stand[c], roll, tallest);
      } else if (act instanceof Ending.Spray spray) {
        kill[c] = SprayKill.of(stand[c], spray, parameters, heights[c], meanC);
      } else {
        kill[c] = 1;
      }
    }
    Terminated before = before(act.on(), kill, heights);
    double laid = 0;
    double dying = 0;
    int slowest = 0;
    for (int c = 0; c < n; c++) {
      ComponentState state = stand[c];
      double leaf = state.leafArea;
      double lost = state.lose(kill[c]);
      if (act instanceof Ending.Spray spray) {
        brown(state);
        state.dyingMass = lost;
        state.dyingLeaf = leaf * kill[c];
        state.dyingFrom = i;
        state.dyingDays = SprayKill.brownDays(state, spray, parameters, meanC);
        dying += lost;
        slowest = Math.max(slowest, lost > 0 ? state.dyingDays : 0);
      } else {
        litter.add(lost, state.carbonToNitrogen());
        state.emergence.waiting = 0;
        laid += lost;
        // What an earlier spray killed is laid down with the rest.
        brown(state);
      }
      if (act instanceof Ending.Roll roll) {
        state.layDown(i, roll.standUpDays());
      }
    }
    double buried = 0;
    if (act instanceof Ending.Till till) {
      litter.mulch *= 1 - till.buried();
      litter.residue *= 1 - till.buried();
      buried = laid * till.buried();
      laid -= buried;
    }
    effects.add(new EndingEffect(act, kill, laid, dying, 0, buried, act.on().plusDays(slowest)));
    if (termination == null) {
      termination = before.withMulch(litter.mulch);
    }
  }

  private void cut(Ending.Cut cut) {
    int n = stand.length;
    double[] kill = new double[n];
    double[] heights = heights();
    double off = 0;
    double laid = 0;
    for (int c = 0; c < n; c++) {
      ComponentState state = stand[c];
      if (!state.alive()) {
        continue;
      }
      // Taken as even from the ground to the tip: stems are heavy below, leaves above.
      double above = heights[c] <= 0 ? 0 : Maths.clamp(1 - cut.heightCm() / heights[c]);
      double taken = state.mass * above;
      state.mass -= taken;
      if (cut.takenOff()) {
        off += taken;
      } else {
        litter.add(taken, state.carbonToNitrogen());
        laid += taken;
      }
      if (above > 0 && state.growingPointIsUp()) {
        kill[c] = 1 - LEFT_OF_A_JOINTED_STAND;
        double stubble = state.lose(kill[c]);
        litter.add(stubble, state.carbonToNitrogen());
        laid += stubble;
      }
    }
    effects.add(new EndingEffect(cut, kill, laid, 0, off, 0, cut.on()));
  }

  private void graze(Ending.Graze graze, int i) {
    double standing = 0;
    for (ComponentState c : stand) {
      standing += c.mass;
    }
    double wanted = graze.intakeMgPerHa() / (1 - graze.troddenShare());
    double taken = Math.min(wanted, Math.max(0, standing - graze.residualMgPerHa()));
    double trodden = taken * graze.troddenShare();
    for (ComponentState c : stand) {
      if (taken > 0) {
        double share = c.mass / standing;
        c.mass -= taken * share;
        litter.add(trodden * share, c.carbonToNitrogen());
      }
    }
    int last = effects.size() - 1;
    boolean begun = last >= 0 && effects.get(last).act() == graze;
    double off = taken - trodden + (begun ? effects.get(last).takenOffMgPerHa() : 0);
    double laid = trodden + (begun ? effects.get(last).mulchMgPerHa() : 0);
    LocalDate day = sky.weather().start().plusDays(i);
    EndingEffect effect = new EndingEffect(graze, new double[stand.length], laid, 0, off, 0, day);
    if (begun) {
      effects.set(last, effect);
    } else {
      effects.add(effect);
    }
  }

  private double[] heights() {
    double cover = 0;
    for (ComponentState c : stand) {
      cover += c.mass;
    }
    double[] heights = new double[stand.length];
    for (int c = 0; c < heights.length; c++) {
      heights[c] = stand[c].alive() ? stand[c].heightCm(parameters, cover) : 0;
    }
    return heights;
  }

  private double meanAround(int i) {
    int from = Math.max(0, i - 1);
    int to = Math.min(sky.weather().days() - 1, i + 1);
    double sum = 0;
    for (int d = from; d <= to; d++) {
      sum += sky.meanC(d);
    }
    return sum / (to - from + 1);
  }

  private Terminated before(LocalDate on, double[] kill, double[] heights) {
    double cover = 0;
    double nitrogen = 0;
    double[] stages = new double[stand.length];
    for (int c = 0; c < stand.length; c++) {
      cover += stand[c].mass;
      nitrogen += CARBON_KG_PER_MG * stand[c].mass / stand[c].carbonToNitrogen();
      stages[c] = stand[c].stage;
    }
    return new Terminated(
        on,
        cover,
        kill,
        cover > 0 ? CARBON_KG_PER_MG * cover / nitrogen : null,
        nitrogen,
        ResidueNitrogen.freedKgPerHa(nitrogen, cover),
        soil.coverTranspirationMm,
        stages,
        litter.mulch,
        heights,
        null,
        null,
        null,
        null,
        false);
  }
}
