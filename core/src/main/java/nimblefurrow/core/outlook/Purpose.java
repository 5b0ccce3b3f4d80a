package nimblefurrow.core.outlook;

import java.util.List;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;

/** Why a field is covered, and what shows that the cover did it. Targets are working values. */
public enum Purpose implements Keyed {
  HOLD_SOIL("holdSoil", "hold soil", "shade on 1 Dec", 0.30, Unit.SHARE),
  TAKE_UP_NITROGEN("takeUpNitrogen", "take up nitrogen", "nitrogen taken up", 40, Unit.KG_PER_HA),
  MAKE_NITROGEN("makeNitrogen", "make nitrogen", "nitrogen for the next crop", 50, Unit.KG_PER_HA),
  SMOTHER_WEEDS(
      "smotherWeeds", "smother weeds", "cover at planting", lbPerAc(5000), Unit.MG_PER_HA),
  OPEN_TIGHT_GROUND(
      "openTightGround",
      "open tight ground",
      "roots, weighed by depth",
      lbPerAc(600),
      Unit.MG_PER_HA),
  CARRY_MACHINE("carryMachine", "carry the planter", "fit days gained at planting", 1, Unit.DAYS),
  FEED_CATTLE("feedCattle", "feed cattle", "feed, grazed or baled", lbPerAc(1800), Unit.MG_PER_HA);

  private static final double KG_PER_LB_PER_AC = UnitSystem.KG_PER_LB / UnitSystem.HA_PER_ACRE;

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

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return its name in a grower's words} */
  public String label() {
    return label;
  }

  /** {@return what is measured} */
  public String measure() {
    return measure;
  }

  /** {@return whether it is read from the cover as its ending left it, not as it grew} */
  public boolean hangsOnEnding() {
    return this == SMOTHER_WEEDS || this == CARRY_MACHINE || this == FEED_CATTLE;
  }

  /**
   * {@return how much of it does how much, least first; the first is {@link #target()}} A little
   * less than useful is worth a little less, not nothing.
   */
  public List<Level> levels() {
    return this == SMOTHER_WEEDS
        ? List.of(
            new Level(target, "useful thickness"),
            new Level(lbPerAc(6000), "holds weeds for weeks"),
            new Level(lbPerAc(7000), "may do without a spray"))
        : List.of(new Level(target, "enough"));
  }

  /**
   * So much, and what it does.
   *
   * @param from in {@link #unit()}
   * @param words what so much does
   */
  public record Level(double from, String words) {}

  private static double lbPerAc(double pounds) {
    return pounds * KG_PER_LB_PER_AC / 1000;
  }

  /** {@return how much of it is enough, in {@link #unit()}} */
  public double target() {
    return target;
  }

  /** {@return the unit of the measure} */
  public Unit unit() {
    return unit;
  }

  /**
   * {@return the purpose of a wire name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static Purpose of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("", "there is no reason called “" + key + "”"));
  }
}
