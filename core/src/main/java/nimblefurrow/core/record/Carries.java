package nimblefurrow.core.record;

import java.util.List;
import java.util.stream.Stream;

/**
 * What entries of one kind carry besides their day and free words.
 *
 * @param figures it can have, in the order of its form
 * @param names it can have, in the order of its form
 * @param figuresNeeded those it cannot do without
 * @param namesNeeded those it cannot do without
 */
public record Carries(
    List<EntryFigure> figures,
    List<EntryName> names,
    List<EntryFigure> figuresNeeded,
    List<EntryName> namesNeeded) {
  /** A day and words, no more. */
  public static final Carries NOTHING = new Carries(List.of(), List.of(), List.of(), List.of());

  Carries maybe(EntryFigure... more) {
    return new Carries(and(figures, more), names, figuresNeeded, namesNeeded);
  }

  Carries maybe(EntryName... more) {
    return new Carries(figures, and(names, more), figuresNeeded, namesNeeded);
  }

  Carries needs(EntryFigure... more) {
    return new Carries(and(figures, more), names, and(figuresNeeded, more), namesNeeded);
  }

  Carries needs(EntryName... more) {
    return new Carries(figures, and(names, more), figuresNeeded, and(namesNeeded, more));
  }

  @SafeVarargs
  private static <T> List<T> and(List<T> some, T... more) {
    return Stream.concat(some.stream(), Stream.of(more)).toList();
  }
}
