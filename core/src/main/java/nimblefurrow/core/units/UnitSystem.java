package nimblefurrow.core.units;

import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** The two ways growers measure. Conversions are exact to the definition of the units. */
public enum UnitSystem {
  US,
  METRIC;

  /** Square metres in an international acre. */
  public static final double M2_PER_ACRE = Exact.HA_PER_ACRE * 10_000;

  /** Kilograms in a pound. */
  public static final double KG_PER_LB = Exact.KG_PER_LB;

  /** Hectares in an acre. */
  public static final double HA_PER_ACRE = Exact.HA_PER_ACRE;

  /** The international mile. */
  public static final double KM_PER_MILE = Exact.KM_PER_MILE;

  private static final String MONEY = "$";
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  /**
   * {@return an amount of a unit as a number of this system's unit for it}
   *
   * @param value value in question
   * @param unit unit of the value
   */
  public double convert(double value, Unit unit) {
    Unit.Said said = unit.in(this);
    return value * said.factor() + said.offset();
  }

  /**
   * {@return a number of this system's unit as an amount of the unit itself: undoes {@link
   * #convert}}
   *
   * @param shown value in the system's own unit
   * @param unit unit of the value
   */
  public double toSi(double shown, Unit unit) {
    Unit.Said said = unit.in(this);
    return (shown - said.offset()) / said.factor();
  }

  /**
   * {@return what follows the number}
   *
   * @param unit unit of the value
   */
  public String suffix(Unit unit) {
    String name = unit.in(this).name();
    return name.isEmpty() ? "" : " " + name;
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
    String number = number(convert(amount.value(), unit), unit.in(this).digits());
    String name = unit.in(this).name();
    if (name.startsWith(MONEY)) {
      String size = MONEY + number.replace("−", "") + name.substring(MONEY.length());
      return number.startsWith("−") ? "−" + size : size;
    }
    return unit == Unit.DAYS
        ? number + (number.equals("1") ? " day" : " days")
        : number + suffix(unit);
  }

  /** With a real minus, and never a nought below nought. */
  private static String number(double value, int decimals) {
    double whole = Math.pow(10, Math.max(0, -decimals));
    double size = decimals < 0 ? Math.rint(Math.abs(value) / whole) * whole : Math.abs(value);
    String said = String.format(Locale.ENGLISH, "%,." + Math.max(0, decimals) + "f", size);
    boolean nought = said.chars().allMatch(c -> c == '0' || c == '.');
    return value < 0 && !nought ? "−" + said : said;
  }
}
