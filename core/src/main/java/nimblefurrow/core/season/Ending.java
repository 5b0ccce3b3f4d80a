package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/** A dated act that ends a cover, or takes part of it. */
public sealed interface Ending {
  /** {@return the day it is done} */
  LocalDate on();

  /** All plants die at once and lie where they stood. */
  record Kill(LocalDate on) implements Ending {}

  /**
   * Tillage: all plants die and most of what lies on the ground goes under.
   *
   * @param on the day
   * @param buried share of mulch and residue that goes under, 0..1
   */
  record Till(LocalDate on, double buried) implements Ending {
    public Till {
      share("the share buried", buried);
    }

    /**
     * {@return two passes of a disk or a field cultivator: little is left on top}
     *
     * @param on day it happens
     */
    public static Till usual(LocalDate on) {
      return new Till(on, 0.85);
    }
  }

  /**
   * A herbicide. What it kills stops growing at once and browns over days; then it is mulch, which
   * stands and rots slower than a mat on the ground. The rest grows on.
   *
   * @param on the day
   * @param mode how it works
   * @param kill share of plants killed, when the grower knows better than the table; 0..1
   */
  record Spray(LocalDate on, Mode mode, @Nullable Double kill) implements Ending {
    public Spray {
      if (kill != null) {
        share("the kill", kill);
      }
    }

    /**
     * {@return a systemic product with the usual kill}
     *
     * @param on day it happens
     */
    public static Spray usual(LocalDate on) {
      return new Spray(on, Mode.SYSTEMIC, null);
    }
  }

  /**
   * A mower, or a mower and baler.
   *
   * @param on the day
   * @param heightCm height of the stubble
   * @param takenOff whether what is cut leaves the field (hay) or stays as mulch
   */
  record Cut(LocalDate on, double heightCm, boolean takenOff) implements Ending {
    public Cut {
      if (!(heightCm >= 0 && heightCm <= 100)) {
        throw new Refused("", "a stubble of " + heightCm + " cm");
      }
    }
  }

  /**
   * Grazing. Animals take their ration each day until what is left is the residual; what they tread
   * down becomes mulch. Plants live on.
   *
   * @param on the first day
   * @param until the last day
   * @param intakeMgPerHa eaten a day
   * @param troddenShare of what is taken off the plants, the share trodden down, 0 to below 1
   * @param residualMgPerHa left standing
   */
  record Graze(
      LocalDate on,
      LocalDate until,
      double intakeMgPerHa,
      double troddenShare,
      double residualMgPerHa)
      implements Ending {
    public Graze {
      if (until.isBefore(on)) {
        throw new Refused("", "grazing ends on " + until + ", before it begins");
      }
      if (!(intakeMgPerHa >= 0 && residualMgPerHa >= 0 && troddenShare >= 0 && troddenShare < 1)) {
        throw new Refused("", "a ration, residual or trodden share out of range");
      }
    }

    /**
     * About five cows a hectare, a fifth trodden down, down to 0.8 Mg/ha.
     *
     * @param on day it happens
     * @param until last day
     * @return the graze
     */
    public static Graze usual(LocalDate on, LocalDate until) {
      return new Graze(on, until, 0.06, 0.2, 0.8);
    }
  }

  private static void share(String what, double value) {
    if (!(value >= 0 && value <= 1)) {
      throw new Refused("", what + " is " + value + ", not a share");
    }
  }

  /** How a herbicide works. */
  enum Mode {
    /** Moves through the plant: slow to brown. */
    SYSTEMIC,
    /** Burns what it wets: brown within days. */
    CONTACT
  }

  /**
   * Roller crimping.
   *
   * @param on the day
   * @param stems how crisp the stems are
   * @param ground how the drum meets the ground
   * @param rollerKgPerM roller mass per metre of width, kg/m
   * @param passes times over, at least 1
   * @param standUpDays days in which survivors stand up and have their leaves back; 0 for at once
   */
  record Roll(
      LocalDate on, Stems stems, Ground ground, double rollerKgPerM, int passes, int standUpDays)
      implements Ending {
    public Roll {
      if (!(rollerKgPerM > 0 && rollerKgPerM <= 5000)) {
        throw new Refused("", "a roller of " + rollerKgPerM + " kg/m");
      }
      if (passes < 1 || passes > 5) {
        throw new Refused("", passes + " passes with the roller");
      }
      if (standUpDays < 0 || standUpDays > 60) {
        throw new Refused("", "survivors stand up in " + standUpDays + " days");
      }
    }

    /**
     * {@return acts whose rolling is done with a roller of another mass}
     *
     * @param acts of an ending
     * @param kgPerM mass of the roller for each length of its width, kg/m
     */
    public static List<Ending> all(List<Ending> acts, double kgPerM) {
      return acts.stream().map(a -> a instanceof Roll r ? r.with(kgPerM) : a).toList();
    }

    private Roll with(double kgPerM) {
      return new Roll(on, stems, ground, kgPerM, passes, standUpDays);
    }

    /**
     * {@return a usual roller on a good afternoon: dry stems, firm ground, 450 kg/m, once}
     *
     * @param on day it happens
     */
    public static Roll usual(LocalDate on) {
      return new Roll(on, Stems.DRY, Ground.FIRM, 450, 1, 7);
    }
  }

  /** Stems at rolling. */
  enum Stems {
    DRY(1.0),
    COOL(0.92),
    WET(0.80);

    private final double factor;

    Stems(double factor) {
      this.factor = factor;
    }

    /** {@return share of the kill that remains} */
    public double factor() {
      return factor;
    }
  }

  /** Ground at rolling. */
  enum Ground {
    FIRM(1.0),
    RUTTED(0.9),
    SOFT(0.85);

    private final double factor;

    Ground(double factor) {
      this.factor = factor;
    }

    /** {@return share of the kill that remains} */
    public double factor() {
      return factor;
    }
  }
}
