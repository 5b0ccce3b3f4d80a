package nimblefurrow.core.machine;

import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/** What a machine must be for work to be reckoned with it. */
public final class MachineChecks {
  private MachineChecks() {}

  /**
   * Refuses a machine that work cannot be reckoned with.
   *
   * @param m machine in question
   * @throws Refused naming the first figure that cannot be
   */
  public static void check(Machine m) {
    if (m.name().isBlank()) {
      throw new Refused("name", "Give the machine a name.");
    }
    if (m.works().isEmpty()) {
      throw new Refused("work", "Say what work the machine does.");
    }
    boolean seeds = m.does(MachineWork.SEED);
    if (seeds && m.methods().isEmpty()) {
      throw new Refused("methods", "Say which ways of seeding it can be used for.");
    }
    drive(m.drive());
    box(m.box(), seeds);
    Need.notNegative("setUpH", "The set-up at a field", m.setUpH());
    Need.notNegative("changeH", "The time of a change", m.changeH());
  }

  private static void drive(Drive d) {
    Need.positive("widthM", "The width", d.widthM());
    Need.positive("speedKmh", "The speed", d.speedKmh());
    Need.share("efficiency", "The share of time at work", d.efficiency());
    Need.notNegative("turnS", "The time of a turn", d.turnS());
    Need.positive("roadKmh", "The speed on the road", d.roadKmh());
  }

  /** A seeder has a hopper; a sprayer may be entered without the size of its tank. */
  private static void box(SeedBox b, boolean seeds) {
    if (seeds) {
      Need.positive("hopperM3", "The hopper", b.hopperM3());
    } else {
      Need.notNegative("hopperM3", "The tank", b.hopperM3());
    }
    Need.notNegative("refillS", "The time of a refill", b.refillS());
    if (b.tenderM() != null) {
      Need.notNegative("tenderM", "The way to where it fills", b.tenderM());
    }
    positive("payloadKg", "The mass limit", b.payloadKg());
    positive("ferryKmh", "The ferry speed", b.ferryKmh());
    positive("batteryMin", "The battery's minutes", b.batteryMin());
  }

  /**
   * Refuses a figure that is given and not above nought.
   *
   * @param where path of the figure
   * @param what figure in words
   * @param value figure; null where it is not given
   * @throws Refused when it is not above nought
   */
  public static void positive(String where, String what, @Nullable Double value) {
    if (value != null) {
      Need.positive(where, what, value);
    }
  }
}
