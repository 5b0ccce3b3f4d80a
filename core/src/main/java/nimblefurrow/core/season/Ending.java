package nimblefurrow.core.season;

import java.time.LocalDate;

/** A dated act that ends a cover, or takes part of it. */
public sealed interface Ending {
  /** The day it is done. */
  LocalDate on();

  /** All plants die at once: tillage, or a spray taken as perfect. */
  record Kill(LocalDate on) implements Ending {}

  /**
   * Roller crimping.
   *
   * @param on the day
   * @param stems how crisp the stems are
   * @param ground how the drum meets the ground
   * @param rollerKgPerM roller mass per metre of width, kg/m
   * @param passes times over, at least 1
   */
  record Roll(LocalDate on, Stems stems, Ground ground, double rollerKgPerM, int passes)
      implements Ending {
    public Roll {
      if (!(rollerKgPerM > 0 && rollerKgPerM <= 5000)) {
        throw new IllegalArgumentException("a roller of " + rollerKgPerM + " kg/m");
      }
      if (passes < 1 || passes > 5) {
        throw new IllegalArgumentException(passes + " passes with the roller");
      }
    }

    /** A usual roller on a good afternoon: dry stems, firm ground, 450 kg/m, once. */
    public static Roll usual(LocalDate on) {
      return new Roll(on, Stems.DRY, Ground.FIRM, 450, 1);
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

    /** Share of the kill that remains. */
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

    /** Share of the kill that remains. */
    public double factor() {
      return factor;
    }
  }
}
