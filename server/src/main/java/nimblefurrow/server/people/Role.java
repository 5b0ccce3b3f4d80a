package nimblefurrow.server.people;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;

/** What a person may do on a farm; each may do all the one before may. */
public enum Role implements Keyed {
  /** Sees. */
  VIEWER,
  /** Sees, logs work and counts. */
  OPERATOR,
  /** Plans, and says who else may come in. */
  OWNER;

  @Override
  public String key() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  @Override
  public String toString() {
    return key();
  }

  /**
   * The role of a name.
   *
   * @throws Refused when there is none
   */
  public static Role of(String key) {
    try {
      return valueOf(key.toUpperCase(java.util.Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new Refused("role", "There is no role called “" + key + "”.");
    }
  }
}
