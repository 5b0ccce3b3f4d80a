package nimblefurrow.core.outlook;

import java.util.Arrays;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;

/** Why a field is covered, and what shows that the cover did it. Targets are working values. */
public enum Purpose {
  HOLD_SOIL("holdSoil", "hold soil", "ground shaded by the cover on 1 Dec", 0.30, Unit.SHARE),
  TAKE_UP_NITROGEN(
      "takeUpNitrogen", "take up nitrogen", "nitrogen in the tops at the end", 40, Unit.KG_PER_HA),
  MAKE_NITROGEN(
      "makeNitrogen", "make nitrogen", "nitrogen freed for the next crop", 50, Unit.KG_PER_HA),
  SMOTHER_WEEDS("smotherWeeds", "smother weeds", "cover at the end", 8, Unit.MG_PER_HA),
  OPEN_TIGHT_GROUND("openTightGround", "open tight ground", "root depth at the end", 80, Unit.CM),
  CARRY_MACHINE(
      "carryMachine", "carry the planter", "fit days in the week of planting", 4, Unit.DAYS),
  FEED_CATTLE("feedCattle", "feed cattle", "feed standing at the end", 2, Unit.MG_PER_HA);

  private final String key;
  private final String label;
  private final String measure;
  private final double target;
  private final Unit unit;

  Purpose(String key, String label, String measure, double target, Unit unit) {
    this.key = key;
    this.label = label;
    this.measure = measure;
    this.target = target;
    this.unit = unit;
  }

  /** The name on the wire. */
  public String key() {
    return key;
  }

  /** In a grower's words. */
  public String label() {
    return label;
  }

  /** What is measured. */
  public String measure() {
    return measure;
  }

  /** How much of it is enough, in {@link #unit()}. */
  public double target() {
    return target;
  }

  /** The unit of the measure. */
  public Unit unit() {
    return unit;
  }

  /**
   * The purpose of a wire name.
   *
   * @throws Refused when there is none
   */
  public static Purpose of(String key) {
    return Arrays.stream(values())
        .filter(p -> p.key.equals(key))
        .findFirst()
        .orElseThrow(() -> new Refused("", "there is no reason called “" + key + "”"));
  }
}
