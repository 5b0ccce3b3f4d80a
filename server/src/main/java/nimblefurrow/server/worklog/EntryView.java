package nimblefurrow.server.worklog;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.Told;
import org.jspecify.annotations.Nullable;

/**
 * One thing done or seen.
 *
 * @param words free words
 * @param figures by the keys of kinds of figures, in their units
 * @param names choices by the keys of what is named
 * @param actives active ingredients that went out, g/ha
 * @param products that went out
 * @param machineId what did it, where the shed has it
 */
public record EntryView(
    UUID id,
    LocalDate doneOn,
    LogKind kind,
    String words,
    Map<String, Double> figures,
    Map<String, String> names,
    Map<String, Double> actives,
    List<ProductOut> products,
    @Nullable UUID machineId) {
  /** An entry with figures or names. */
  public static EntryView of(UUID id, LocalDate day, LogKind kind, String words, Told told) {
    return new EntryView(
        id, day, kind, words, told.figuresByKey(), told.namesByKey(), Map.of(), List.of(), null);
  }

  /** An entry of a day and words alone. */
  public static EntryView of(UUID id, LocalDate day, LogKind kind, String words) {
    return of(id, day, kind, words, Told.NOTHING);
  }

  /** The same, done with a machine. */
  public EntryView by(@Nullable UUID machine) {
    return new EntryView(id, doneOn, kind, words, figures, names, actives, products, machine);
  }

  /** The same, with what went out of active ingredients and of products. */
  public EntryView with(Map<String, Double> gPerHa, List<ProductOut> out) {
    return new EntryView(id, doneOn, kind, words, figures, names, gPerHa, out, machineId);
  }

  /** What it says in figures and names. */
  public Told told() {
    return Told.read(figures, names);
  }

  /** One figure; null where it was not told. */
  public @Nullable Double get(EntryFigure figure) {
    return figures.get(figure.key());
  }

  /** One name; null where it was not told. */
  public @Nullable String get(EntryName name) {
    return names.get(name.key());
  }
}
