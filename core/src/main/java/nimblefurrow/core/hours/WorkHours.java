package nimblefurrow.core.hours;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import org.jspecify.annotations.Nullable;

/**
 * Hour by hour: can the roller, the sprayer, the drone or the drill go, and what limits it? Limits
 * are working values; a label's own limits outrank them.
 *
 * <p>Stems hold water (at most 1.5 mm): rain and dew (0.08 mm an hour within 1.5 °C of the dew
 * point, in still air without sun) wet them; the air dries them by a quarter of vapour deficit ×
 * (0.6 + 0.2·wind) + 0.15 × sun in MJ/m² an hour. The upper ground takes rain up, drains what is
 * over field capacity, and dries by sun and deficit.
 */
public final class WorkHours {
  private static final double MOST_STEM_MM = 1.5;
  private static final double DEW_MM = 0.08;
  private static final double DEW_NEAR_C = 1.5;
  private static final double STILL_M_PER_S = 2;
  private static final double DARK_W = 5;
  private static final double LOW_SUN_W = 120;

  /** Water that field capacity holds in the upper 15 cm of a silt loam, mm. */
  private static final double TOP_HOLDS_MM = 48;

  /** Share of water over what the ground holds that drains in an hour. Working value. */
  private static final double DRAINS = 0.05;

  /** Taken from the upper ground by a MJ/m² of sun, and in an hour by a kPa of deficit, mm. */
  private static final double SUN_TAKES_MM = 0.12;

  private static final double AIR_TAKES_MM = 0.05;
  private static final double DRY_GROUND = 0.3;
  private static final double MPH = UnitSystem.US.toSi(1, Unit.M_PER_S);

  private final List<Hour> hours;

  private WorkHours(List<Hour> hours) {
    this.hours = hours;
  }

  /** Go, go with care, or not. */
  public enum Verdict implements Keyed {
    GO,
    MARGINAL,
    NO;

    @Override
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String toString() {
      return key();
    }
  }

  /**
   * One hour of one kind of work.
   *
   * @param verdict whether
   * @param limit what limits it; empty when nothing does
   */
  public record Judged(Verdict verdict, String limit) {}

  /** Columns of equal length, an hour each. */
  public record Hourly(
      double[] tempC,
      double[] dewPointC,
      double[] windMPerS,
      double[] gustMPerS,
      double[] rainMm,
      double[] solarWPerM2,
      double[] soilTempC) {}

  /**
   * Reads the hours through, stems and ground with them.
   *
   * @param c what it is made of
   * @param topSoilWetness before the first hour
   * @return the work hours
   * @throws Refused when columns differ in length or hold what cannot be
   */
  public static WorkHours of(Hourly c, double topSoilWetness) {
    int n = c.tempC().length;
    check("dewPointC", c.dewPointC(), n, -60, 45);
    check("tempC", c.tempC(), n, -60, 60);
    check("windMPerS", c.windMPerS(), n, 0, 80);
    check("gustMPerS", c.gustMPerS(), n, 0, 120);
    check("rainMm", c.rainMm(), n, 0, 300);
    check("solarWPerM2", c.solarWPerM2(), n, 0, 1500);
    check("soilTempC", c.soilTempC(), n, -40, 60);
    if (n == 0) {
      throw new Refused("hourly", "Give the weather of at least one hour.");
    }
    if (!(topSoilWetness >= 0 && topSoilWetness <= 3)) {
      throw new Refused("topSoilWetness", "The wetness of the ground is a share of 0 to 3.");
    }
    List<Hour> all = new ArrayList<>();
    double stems = 0;
    double ground = topSoilWetness;
    for (int i = 0; i < n; i++) {
      Hour dry =
          new Hour(
              c.tempC()[i],
              c.dewPointC()[i],
              c.windMPerS()[i],
              c.gustMPerS()[i],
              c.rainMm()[i],
              c.solarWPerM2()[i],
              c.soilTempC()[i],
              0,
              0);
      stems = wetted(stems, dry);
      ground = drained(ground + dry.rainMm() / TOP_HOLDS_MM, dry);
      all.add(
          new Hour(
              dry.tempC(),
              dry.dewPointC(),
              dry.windMPerS(),
              dry.gustMPerS(),
              dry.rainMm(),
              dry.solarWPerM2(),
              dry.soilTempC(),
              stems,
              ground));
    }
    return new WorkHours(all);
  }

  private static void check(String name, double[] values, int n, double low, double high) {
    if (values.length != n) {
      throw new Refused(
          "hourly." + name,
          "%s has %d hours, tempC has %d; all must be of one length."
              .formatted(name, values.length, n));
    }
    for (int i = 0; i < n; i++) {
      if (!(values[i] >= low && values[i] <= high)) {
        throw new Refused(
            "hourly.%s[%d]".formatted(name, i),
            "%s of hour %d is %s, not between %.0f and %.0f."
                .formatted(name, i, values[i], low, high));
      }
    }
  }

  private static double wetted(double stems, Hour h) {
    double sunMj = h.solarWPerM2() * 3600 / 1e6;
    boolean dew =
        h.tempC() - h.dewPointC() < DEW_NEAR_C
            && h.windMPerS() < STILL_M_PER_S
            && h.solarWPerM2() < DARK_W;
    double drying = h.vapourDeficitKPa() * (0.6 + 0.2 * h.windMPerS()) + 0.15 * sunMj;
    double wet = stems + h.rainMm() + (dew ? DEW_MM : 0) - 0.25 * drying;
    return Math.max(0, Math.min(MOST_STEM_MM, wet));
  }

  /** Above what it holds the ground drains; sun and dry air take water from it. */
  private static double drained(double ground, Hour h) {
    double sunMj = h.solarWPerM2() * 3600 / 1e6;
    double taken = (SUN_TAKES_MM * sunMj + AIR_TAKES_MM * h.vapourDeficitKPa()) / TOP_HOLDS_MM;
    double over = Math.max(0, ground - 1);
    return Math.max(DRY_GROUND, ground - DRAINS * over - taken * Math.min(1, ground));
  }

  /** {@return the hours with their stems and ground} */
  public List<Hour> hours() {
    return List.copyOf(hours);
  }

  /**
   * Rolling: crisp dry stems, warm, ground that carries.
   *
   * @param i day, as an index from the first
   * @return the verdict, and why
   */
  public Judged rolling(int i) {
    Hour h = hours.get(i);
    Worst worst = new Worst();
    worst.above(h.rainMm(), 0, 0, "rain");
    worst.above(h.stemWetnessMm(), 0.05, 0.15, "wet stems");
    worst.below(h.tempC(), 15, 10, "cool stems");
    worst.above(h.topSoilWetness(), 0.96, 1.02, "ground");
    return worst.judged();
  }

  /**
   * Spraying: some wind but not much, growing leaves, no inversion, no rain soon.
   *
   * @param i day, as an index from the first
   * @return the verdict, and why
   */
  public Judged spraying(int i) {
    Hour h = hours.get(i);
    Worst worst = new Worst();
    worst.above(h.rainMm(), 0, 0, "rain");
    boolean lowSun = h.solarWPerM2() < LOW_SUN_W;
    if (h.windMPerS() < 3 * MPH) {
      worst.say(lowSun ? Verdict.NO : Verdict.MARGINAL, lowSun ? "inversion" : "too calm");
    }
    worst.say(WindLimit.SPRAYING.judge(h.windMPerS()), "wind");
    worst.above(h.gustMPerS(), 15 * MPH, 20 * MPH, "gusts");
    worst.below(h.tempC(), 10, 5, "cold leaves");
    worst.above(h.tempC(), 30, 35, "heat");
    double depression = h.wetBulbDepressionC();
    worst.above(depression, 8, 10, "dry air");
    worst.below(depression, 2, 0.5, "damp air");
    double frost = lowest(i, 14);
    if (frost <= 0) {
      worst.say(frost < -2 ? Verdict.NO : Verdict.MARGINAL, "frost last night");
    }
    int dry = hoursToRain(i);
    if (dry <= 2) {
      worst.say(Verdict.NO, "rain soon");
    } else if (dry <= 5) {
      worst.say(Verdict.MARGINAL, "rain soon");
    }
    worst.above(h.stemWetnessMm(), 0.3, 1.0, "wet leaves");
    return worst.judged();
  }

  /**
   * {@return seeding from the air: daylight, wind, rain, sight}
   *
   * @param i day, as an index from the first
   */
  public Judged air(int i) {
    Hour h = hours.get(i);
    Worst worst = new Worst();
    if (h.solarWPerM2() < DARK_W) {
      worst.say(Verdict.NO, "dark");
    }
    worst.above(h.rainMm(), 0, 0, "rain");
    worst.say(WindLimit.FLYING.judge(h.windMPerS()), "wind");
    worst.above(h.gustMPerS(), 15 * MPH, 20 * MPH, "gusts");
    if (h.tempC() - h.dewPointC() < 0.5 && h.windMPerS() < STILL_M_PER_S) {
      worst.say(Verdict.MARGINAL, "fog");
    }
    return worst.judged();
  }

  /**
   * {@return drilling and planting: ground that carries, and that is not frozen}
   *
   * @param i day, as an index from the first
   */
  public Judged drilling(int i) {
    Hour h = hours.get(i);
    Worst worst = new Worst();
    worst.above(
        h.topSoilWetness(), Trafficability.FIT_UP_TO, Trafficability.MARGINAL_UP_TO, "ground");
    worst.above(h.rainMm(), 0, 1, "rain");
    worst.below(h.soilTempC(), 4, 0, "cold ground");
    return worst.judged();
  }

  /**
   * A span of hours for one kind of work.
   *
   * @param hours in which it goes
   * @param first of them, as an index from the first hour of all; null where there is none
   * @param limit what stops it at the first hour in which it does not go; empty where it always
   *     does
   */
  public record Going(int hours, @Nullable Integer first, String limit) {}

  /**
   * {@return when drilling goes within a span}
   *
   * @param from first hour, as an index from the first
   * @param to hour behind the last
   */
  public Going drillingGoes(int from, int to) {
    int goes = 0;
    Integer first = null;
    String limit = "";
    for (int i = from; i < to; i++) {
      Judged j = drilling(i);
      if (j.verdict() == Verdict.GO) {
        goes++;
        first = first == null ? Integer.valueOf(i) : first;
      } else if (limit.isEmpty()) {
        limit = j.limit();
      }
    }
    return new Going(goes, first, limit);
  }

  private double lowest(int i, int back) {
    double low = Double.POSITIVE_INFINITY;
    for (int h = Math.max(0, i - back); h <= i; h++) {
      low = Math.min(low, hours.get(h).tempC());
    }
    return low;
  }

  private int hoursToRain(int i) {
    for (int h = i + 1; h < hours.size(); h++) {
      if (hours.get(h).rainMm() > 0.1) {
        return h - i;
      }
    }
    return Integer.MAX_VALUE;
  }

  /** Keeps the worst verdict and what brought it first. */
  private static final class Worst {
    private Verdict verdict = Verdict.GO;
    private String limit = "";

    void say(Verdict other, String what) {
      if (other.compareTo(verdict) > 0) {
        verdict = other;
        limit = what;
      }
    }

    void above(double value, double go, double marginal, String what) {
      if (value > marginal) {
        say(Verdict.NO, what);
      } else if (value > go) {
        say(Verdict.MARGINAL, what);
      }
    }

    void below(double value, double go, double marginal, String what) {
      if (value < marginal) {
        say(Verdict.NO, what);
      } else if (value < go) {
        say(Verdict.MARGINAL, what);
      }
    }

    Judged judged() {
      return new Judged(verdict, limit);
    }
  }
}
