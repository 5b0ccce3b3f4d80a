package nimblefurrow.core.record;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What one entry says in figures and names.
 *
 * @param figures each in the unit of its kind of figure
 * @param names each a key out of what there is to choose from
 */
public record Told(Map<EntryFigure, Double> figures, Map<EntryName, String> names) {
  /** Neither. */
  public static final Told NOTHING = new Told(Map.of(), Map.of());

  /** Keeps its own copy. */
  public Told {
    figures = Map.copyOf(figures);
    names = Map.copyOf(names);
  }

  /**
   * {@return one figure alone}
   *
   * @param figure which
   * @param value in its unit
   */
  public static Told of(EntryFigure figure, double value) {
    return new Told(Map.of(figure, value), Map.of());
  }

  /**
   * {@return what was sent or stored by its keys}
   *
   * @param figures values by key
   * @param names choices by key
   * @throws Refused when a key is none
   */
  public static Told read(Map<String, Double> figures, Map<String, String> names) {
    Map<EntryFigure, Double> f = new EnumMap<>(EntryFigure.class);
    figures.forEach((key, value) -> f.put(EntryFigure.of(key), value));
    Map<EntryName, String> n = new EnumMap<>(EntryName.class);
    names.forEach(
        (key, value) -> {
          if (!value.isBlank()) {
            n.put(EntryName.of(key), value.strip());
          }
        });
    return new Told(f, n);
  }

  /** {@return its figures by their keys, in the order of the kinds of figures} */
  public Map<String, Double> figuresByKey() {
    Map<String, Double> all = new LinkedHashMap<>();
    for (EntryFigure f : EntryFigure.values()) {
      Double value = figures.get(f);
      if (value != null) {
        all.put(f.key(), value);
      }
    }
    return all;
  }

  /** {@return its names by their keys, in the order of the kinds of names} */
  public Map<String, String> namesByKey() {
    Map<String, String> all = new LinkedHashMap<>();
    for (EntryName n : EntryName.values()) {
      String value = names.get(n);
      if (value != null) {
        all.put(n.key(), value);
      }
    }
    return all;
  }

  /**
   * {@return a figure; null where it was not told}
   *
   * @param figure which
   */
  public @Nullable Double get(EntryFigure figure) {
    return figures.get(figure);
  }

  /**
   * {@return a figure that is known to be told}
   *
   * @param figure which
   * @throws IllegalStateException when it is not
   */
  public double need(EntryFigure figure) {
    Double value = figures.get(figure);
    if (value == null) {
      throw new IllegalStateException("no " + figure + " was told");
    }
    return value;
  }

  /**
   * {@return a name; null where it was not told}
   *
   * @param name which
   */
  public @Nullable String get(EntryName name) {
    return names.get(name);
  }

  /**
   * Whether a kind of entry carries all of this, and this all that it needs.
   *
   * @param kind of the entry
   * @throws Refused when something is missing, out of its range, or does not belong to the kind
   */
  public void check(LogKind kind) {
    Carries carries = kind.carries();
    for (EntryFigure needed : carries.figuresNeeded()) {
      if (!figures.containsKey(needed)) {
        throw new Refused(at(needed), needed.asked());
      }
    }
    for (EntryName needed : carries.namesNeeded()) {
      if (!names.containsKey(needed)) {
        throw new Refused(at(needed), needed.asked());
      }
    }
    figures.forEach(
        (figure, value) -> {
          if (!carries.figures().contains(figure)) {
            throw new Refused(at(figure), strange(kind, figure.label()));
          }
          figure.checked(at(figure), value);
        });
    names.forEach(
        (name, value) -> {
          if (!carries.names().contains(name)) {
            throw new Refused(at(name), strange(kind, name.label()));
          }
          name.check(value);
        });
  }

  private static String at(EntryFigure figure) {
    return "figures." + figure.key();
  }

  private static String at(EntryName name) {
    return "names." + name.key();
  }

  private static String strange(LogKind kind, String label) {
    return "An entry “%s” does not carry “%s”.".formatted(kind.label(), label);
  }
}
