package nimblefurrow.server.work;

import java.util.Locale;
import nimblefurrow.core.load.HirePrice;
import nimblefurrow.core.machine.Price;
import nimblefurrow.core.units.Keyed;

/** What a machine's work is charged by. */
enum ChargedBy implements Keyed {
  AREA,
  HOURS,
  /** It has no price yet. */
  NOTHING;

  /** As the machine's price has it for a rate, kg/ha. */
  static ChargedBy of(Price price, double rateKgPerHa) {
    HirePrice.Basis basis = price.basis(rateKgPerHa);
    if (basis == null) {
      return NOTHING;
    }
    return basis == HirePrice.Basis.AREA ? AREA : HOURS;
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
