package nimblefurrow.core.ending;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * A product as its label has it; entered by the user. Amounts in {@code unit} (L or kg) per ha.
 *
 * @param name of the product
 * @param active name of the active ingredient
 * @param mode how it works
 * @param unit {@code L} or {@code kg}
 * @param activeGPerUnit active ingredient, acid equivalent where the label counts that, g per unit
 * @param lowPerHa lowest rate
 * @param highPerHa highest rate
 * @param carrierLowLPerHa least spray volume; null when not said
 * @param carrierHighLPerHa most spray volume
 * @param rainFreeHours hours without rain after it
 * @param plantBackDays days to planting by crop: corn, soybean, other
 * @param reentryHours before people go in again
 * @param grazingDays before animals graze; null when not said
 * @param seasonLimitGPerHa most active ingredient a season; null when not said
 * @param windLowMPerS least wind; null when not said
 * @param windHighMPerS most wind
 * @param byHeight rates by height of the plants, when the label has rows for it
 */
public record SprayProduct(
    String name,
    String active,
    Mode mode,
    String unit,
    double activeGPerUnit,
    double lowPerHa,
    double highPerHa,
    @Nullable Double carrierLowLPerHa,
    @Nullable Double carrierHighLPerHa,
    double rainFreeHours,
    Map<String, Integer> plantBackDays,
    double reentryHours,
    @Nullable Integer grazingDays,
    @Nullable Double seasonLimitGPerHa,
    @Nullable Double windLowMPerS,
    @Nullable Double windHighMPerS,
    List<HeightRow> byHeight) {

  /** {@return the unit its rates are in} */
  public Unit rateUnit() {
    return unit.equals("L") ? Unit.PRODUCT_L_PER_HA : Unit.PRODUCT_KG_PER_HA;
  }

  /** How a product works, as far as it matters beside others. */
  public enum Mode {
    /** Moves through the plant; slow. */
    SYSTEMIC,
    /** Moves through grasses only. */
    GRASS_SYSTEMIC,
    /** Burns what it wets; fast. */
    CONTACT,
    /** A growth regulator against broad leaves. */
    GROWTH_REGULATOR,
    /** Stays in the soil. */
    RESIDUAL
  }

  /** Rate for plants up to a height. */
  public record HeightRow(double upToCm, double ratePerHa) {}

  public SprayProduct {
    plantBackDays = Map.copyOf(plantBackDays);
    byHeight = byHeight.stream().sorted(Comparator.comparing(HeightRow::upToCm)).toList();
    if (name.isBlank()) {
      throw new Refused("name", "Give the product its name from the label.");
    }
    if (!unit.equals("L") && !unit.equals("kg")) {
      throw new Refused("unit", "A product is measured in L or kg.");
    }
    Need.positive("activeGPerUnit", "The active ingredient", activeGPerUnit);
    Need.positive("lowPerHa", "The lowest rate", lowPerHa);
    if (!(highPerHa >= lowPerHa)) {
      throw new Refused("highPerHa", "The highest rate is not below the lowest.");
    }
    Need.notNegative("rainFreeHours", "The hours without rain", rainFreeHours);
    Need.notNegative("reentryHours", "The hours before people go in", reentryHours);
    for (HeightRow row : byHeight) {
      Need.positive("byHeight", "The height of a row", row.upToCm());
      Need.positive("byHeight", "The rate of a row", row.ratePerHa());
    }
  }

  /**
   * {@return the label's row for a height; null when it has no rows, or none as tall}
   *
   * @param heightCm height, cm
   */
  public @Nullable HeightRow row(double heightCm) {
    return byHeight.stream().filter(r -> heightCm <= r.upToCm()).findFirst().orElse(null);
  }
}
