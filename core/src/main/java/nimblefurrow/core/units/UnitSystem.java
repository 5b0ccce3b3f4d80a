package nimblefurrow.core.units;

import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** The two ways growers measure. Conversions are exact to the definition of the units. */
public enum UnitSystem {
  US,
  METRIC;

  /** Square metres in an international acre. */
  public static final double M2_PER_ACRE = 4046.8564224;

  /** Kilograms in a pound. */
  public static final double KG_PER_LB = 0.45359237;

  /** Hectares in an acre. */
  public static final double HA_PER_ACRE = M2_PER_ACRE / 10_000;

  private static final double MM_PER_INCH = 25.4;
  private static final double M_PER_FOOT = 0.3048;

  /** The international mile. */
  public static final double KM_PER_MILE = 1.609344;

  private static final double LB_PER_ACRE = HA_PER_ACRE / KG_PER_LB;
  private static final double L_PER_GALLON = 3.785411784;
  private static final double FL_OZ_PER_GALLON = 128;
  private static final double OZ_PER_LB = 16;
  private static final double M2_PER_FT2 = 0.09290304;
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  /**
   * {@return an amount of a unit as a number of this system's unit for it}
   *
   * @param value value in question
   * @param unit unit of the value
   */
  public double convert(double value, Unit unit) {
    if (this == METRIC) {
      return unit == Unit.SHARE ? value * 100 : value;
    }
    return switch (unit) {
      case MG_PER_HA -> value * 1000 * LB_PER_ACRE;
      case KG_PER_HA -> value * LB_PER_ACRE;
      case HA -> value / HA_PER_ACRE;
      case MM -> value / MM_PER_INCH;
      case CM -> value * 10 / MM_PER_INCH;
      case CELSIUS -> value * 1.8 + 32;
      case DEGREE_DAYS -> value * 1.8;
      case PER_M2 -> value * M2_PER_FT2;
      case USD_PER_HA -> value * HA_PER_ACRE;
      case SHARE -> value * 100;
      case KG -> value / KG_PER_LB;
      case M -> value / M_PER_FOOT;
      case KM, KMH -> value / KM_PER_MILE;
      case SPRAY_L_PER_HA -> value * HA_PER_ACRE / L_PER_GALLON;
      case PRODUCT_L_PER_HA -> value * HA_PER_ACRE / L_PER_GALLON * FL_OZ_PER_GALLON;
      case PRODUCT_KG_PER_HA -> value * LB_PER_ACRE * OZ_PER_LB;
      case G_PER_HA -> value / 1000 * LB_PER_ACRE;
      case DAYS, COUNT, USD, HOURS -> value;
    };
  }

  /**
   * {@return a number of this system's unit as an amount of the unit itself: undoes {@link
   * #convert}}
   *
   * @param shown value in the system's own unit
   * @param unit unit of the value
   */
  public double toSi(double shown, Unit unit) {
    double zero = convert(0, unit);
    return (shown - zero) / (convert(1, unit) - zero);
  }

  /**
   * {@return what follows the number}
   *
   * @param unit unit of the value
   */
  public String suffix(Unit unit) {
    boolean us = this == US;
    return switch (unit) {
      case MG_PER_HA -> us ? " lb/ac" : " Mg/ha";
      case KG_PER_HA -> us ? " lb/ac" : " kg/ha";
      case HA -> us ? " ac" : " ha";
      case MM -> us ? " in" : " mm";
      case CM -> us ? " in" : " cm";
      case CELSIUS -> us ? " °F" : " °C";
      case DEGREE_DAYS -> us ? " °F·days" : " °C·days";
      case PER_M2 -> us ? " per ft²" : " per m²";
      case USD_PER_HA -> us ? " $/ac" : " $/ha";
      case SHARE -> " %";
      case DAYS -> " days";
      case KG -> us ? " lb" : " kg";
      case M -> us ? " ft" : " m";
      case KM -> us ? " mi" : " km";
      case KMH -> us ? " mph" : " km/h";
      case HOURS -> " h";
      case SPRAY_L_PER_HA -> us ? " gal/ac" : " L/ha";
      case PRODUCT_L_PER_HA -> us ? " fl oz/ac" : " L/ha";
      case PRODUCT_KG_PER_HA -> us ? " oz/ac" : " kg/ha";
      case G_PER_HA -> us ? " lb/ac" : " g/ha";
      case USD -> " $";
      case COUNT -> "";
    };
  }

  /**
   * {@return a figure in words of this system}
   *
   * @param figure quantity with its unit
   */
  public String say(Figure figure) {
    if (figure instanceof Figure.Day day) {
      return DAY.format(day.date());
    }
    if (figure instanceof Figure.Words words) {
      return words.text();
    }
    Figure.Amount amount = (Figure.Amount) figure;
    Unit unit = amount.unit();
    String number = number(convert(amount.value(), unit), decimals(unit));
    return switch (unit) {
      case USD -> "$" + number;
      case USD_PER_HA -> "$" + number + (this == US ? "/ac" : "/ha");
      case DAYS -> number + (number.equals("1") ? " day" : " days");
      default -> number + suffix(unit);
    };
  }

  /** With a real minus, and never a nought below nought. */
  private static String number(double value, int decimals) {
    String said = String.format(Locale.ENGLISH, "%,." + decimals + "f", Math.abs(value));
    boolean nought = said.chars().allMatch(c -> c == '0' || c == '.');
    return value < 0 && !nought ? "−" + said : said;
  }

  private int decimals(Unit unit) {
    return switch (unit) {
      case MG_PER_HA -> this == US ? 0 : 1;
      case HA -> this == US ? 0 : 1;
      case MM -> this == US ? 2 : 0;
      case PER_M2 -> this == US ? 1 : 0;
      case KM, KMH, HOURS, SPRAY_L_PER_HA -> 1;
      case PRODUCT_L_PER_HA, PRODUCT_KG_PER_HA -> this == US ? 1 : 2;
      case G_PER_HA -> this == US ? 2 : 0;
      case M -> this == US ? 0 : 1;
      default -> 0;
    };
  }
}
