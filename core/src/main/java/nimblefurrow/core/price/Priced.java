package nimblefurrow.core.price;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;

/** What the price book has a price of. Seed is priced by its lots, machines by themselves. */
public enum Priced implements Keyed {
  NITROGEN("nitrogen", "nitrogen", Unit.USD_PER_KG),
  CORN("corn", "corn", Unit.USD_PER_MG_CORN),
  SOYBEAN("soybean", "soybeans", Unit.USD_PER_MG_BEAN),
  SMALL_GRAIN("smallGrain", "wheat", Unit.USD_PER_MG_BEAN),
  SILAGE("silage", "silage as chopped", Unit.USD_PER_MG),
  OTHER_CROP("otherCrop", "any other crop", Unit.USD_PER_MG),
  STANDING_FEED("standingFeed", "standing feed, dry", Unit.USD_PER_MG),
  HAY("hay", "hay, dry", Unit.USD_PER_MG),
  SPRAYING("spraying", "a spray pass with its product", Unit.USD_PER_HA),
  ROLLING("rolling", "a rolling pass", Unit.USD_PER_HA),
  MOWING("mowing", "a mowing pass", Unit.USD_PER_HA),
  TILLAGE("tillage", "a tillage pass", Unit.USD_PER_HA),
  SPREADING("spreading", "a pass with the fertiliser spreader", Unit.USD_PER_HA);

  private final String key;
  private final String label;
  private final Unit unit;

  Priced(String key, String label, Unit unit) {
    this.key = key;
    this.label = label;
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

  /** {@return in a grower's words} */
  public String label() {
    return label;
  }

  /** {@return what its price is in} */
  public Unit unit() {
    return unit;
  }

  /**
   * {@return what a wire name means}
   *
   * @param key the name
   * @throws Refused when the book has no such price
   */
  public static Priced of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("what", "The price book has no “" + key + "”."));
  }
}
