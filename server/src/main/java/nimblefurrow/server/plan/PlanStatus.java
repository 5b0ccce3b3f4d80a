package nimblefurrow.server.plan;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;

/** Whether a plan is settled. */
public enum PlanStatus implements Keyed {
  PROPOSED,
  ACCEPTED;

  @Override
  public String key() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  @Override
  public String toString() {
    return key();
  }

  /**
   * The status of a stored name.
   *
   * @throws Refused when there is none
   */
  public static PlanStatus of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(
            () -> new Refused("status", "A plan is proposed or accepted, not “" + key + "”."));
  }
}
