package nimblefurrow.core.units;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * One cause of an advice: a sentence with the numbers in it kept as numbers, so that every reader
 * sees them in their own units.
 *
 * @param text a sentence with names of figures in braces, such as {@code closes {day}}
 * @param figures the figures by name
 */
public record Reason(String text, Map<String, Figure> figures) {
  public Reason {
    figures = Map.copyOf(figures);
  }

  /**
   * {@return a sentence without figures so far}
   *
   * @param text sentence with names of figures in braces
   */
  public static Reason of(String text) {
    return new Reason(text, Map.of());
  }

  /**
   * With a quantity under {@code name}.
   *
   * @param name name to find or say it by
   * @param value value in question
   * @param unit unit of the value
   * @return a copy with it
   */
  public Reason with(String name, double value, Unit unit) {
    return with(name, new Figure.Amount(value, unit));
  }

  /**
   * With a day under {@code name}.
   *
   * @param name name to find or say it by
   * @param day day asked for
   * @return a copy with it
   */
  public Reason with(String name, LocalDate day) {
    return with(name, new Figure.Day(day));
  }

  /**
   * With words under {@code name}.
   *
   * @param name name to find or say it by
   * @param words words to put in
   * @return a copy with it
   */
  public Reason with(String name, String words) {
    return with(name, new Figure.Words(words));
  }

  /**
   * {@return the sentence in the units of a system}
   *
   * @param system units it is said in
   */
  public String say(UnitSystem system) {
    String said = text;
    for (Map.Entry<String, Figure> figure : figures.entrySet()) {
      said = said.replace("{" + figure.getKey() + "}", system.say(figure.getValue()));
    }
    return said;
  }

  private Reason with(String name, Figure figure) {
    Map<String, Figure> all = new LinkedHashMap<>(figures);
    all.put(name, figure);
    return new Reason(text, all);
  }
}
