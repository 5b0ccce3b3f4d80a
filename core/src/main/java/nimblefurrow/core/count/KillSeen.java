package nimblefurrow.core.count;

import java.time.LocalDate;

/**
 * A kill count as it stands in the record.
 *
 * @param on the day it was counted
 * @param share of the cover's stems that were dead, 0..1
 */
public record KillSeen(LocalDate on, double share) {
  /** {@return whether so little died that a second pass is due} */
  public boolean poor() {
    return share < KillCount.ENOUGH;
  }
}
