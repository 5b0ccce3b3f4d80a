package nimblefurrow.core.learn;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;

/** What a farm's own records tell about the forecasts made for it. */
public enum Learnt implements Keyed {
  /** Dry cover that stands, by what was clipped. */
  GROWTH(
      "growth",
      "Covers that grow",
      Unit.MG_PER_HA,
      "the season, mulch, feed and endings",
      "clip a frame, dry and weigh it, and write it down"),
  /** Plants that come up, by stand counts. */
  STAND(
      "stand",
      "Plants that come up",
      Unit.PER_M2,
      "the stand, and the season from it",
      "count plants within two months of seeding"),
  /** Hours that work takes, by what was written down of a machine. */
  HOURS(
      "hours",
      "Hours that work takes",
      Unit.HOURS,
      "laying out the work, jobs and quotes",
      "write the machine and its hours with what was done"),
  /** Seed that goes out, by what was gone behind a field. */
  RATE(
      "rate",
      "Seed that goes out",
      Unit.KG_PER_HA,
      "the seed that is bought",
      "weigh the seed that is gone, and write down machine and area");

  private final String key;
  private final String label;
  private final Unit unit;
  private final String usedFor;
  private final String how;

  Learnt(String key, String label, Unit unit, String usedFor, String how) {
    this.key = key;
    this.label = label;
    this.unit = unit;
    this.usedFor = usedFor;
    this.how = how;
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return what it is} */
  public String label() {
    return label;
  }

  /** {@return unit of what was said and seen} */
  public Unit unit() {
    return unit;
  }

  /** {@return what it changes, for a sentence} */
  public String usedFor() {
    return usedFor;
  }

  /** {@return how a record of it comes about, for a sentence} */
  public String how() {
    return how;
  }

  /**
   * {@return the one of a stored name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static Learnt of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("what", "Nothing is learnt of “" + key + "”."));
  }
}
