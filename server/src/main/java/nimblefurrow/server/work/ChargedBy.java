package nimblefurrow.server.work;

import java.util.Locale;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.server.shed.MachineView;

/** What a machine's work is charged by. */
enum ChargedBy implements Keyed {
  AREA,
  HOURS,
  /** It has no price yet. */
  NOTHING;

  /** As the machine's price has it; an area price first. */
  static ChargedBy of(MachineView m) {
    if (m.usdPerHa() != null) {
      return AREA;
    }
    return m.usdPerHour() != null ? HOURS : NOTHING;
  }

  @Override
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  @Override
  public String toString() {
    return key();
  }
}
