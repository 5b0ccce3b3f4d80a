package nimblefurrow.core.standing;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;

/** Kinds of entries in a field's log: what was done, and what was seen. */
public enum LogKind implements Keyed {
  SEEDED("seeded"),
  ENDED("ended"),
  PLANTED("planted"),
  HARVESTED("harvested"),
  SPRAYED("sprayed"),
  ROLLED("rolled"),
  COUNTED("counted"),
  NOTE("note"),
  PLANTS("plants"),
  HEIGHT("height"),
  COVER("cover"),
  STAGE("stage"),
  WEEDS("weeds"),
  CROP_STAND("cropStand");

  private final String key;

  LogKind(String key) {
    this.key = key;
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /**
   * {@return the kind of a stored name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static LogKind of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("kind", "There is no kind of work called “" + key + "”."));
  }
}
