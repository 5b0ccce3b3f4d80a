package nimblefurrow.server.support;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import org.jspecify.annotations.Nullable;

/**
 * A reason on the wire: the web says its figures in the reader's units.
 *
 * @param text a sentence with names of figures in braces
 * @param figures the figures by name
 */
public record ReasonView(String text, Map<String, FigureView> figures) {
  /** A figure: a value with its unit, a day, or words. */
  public record FigureView(
      @Nullable Double value,
      @Nullable Unit unit,
      @Nullable LocalDate day,
      @Nullable String words) {}

  /** A reason for the wire. */
  public static ReasonView of(Reason reason) {
    Map<String, FigureView> figures = new LinkedHashMap<>();
    reason.figures().forEach((name, figure) -> figures.put(name, view(figure)));
    return new ReasonView(reason.text(), figures);
  }

  /** The sentence in the units of a system. */
  public String say(UnitSystem units) {
    Map<String, Figure> said = new LinkedHashMap<>();
    figures.forEach((name, f) -> said.put(name, figure(f)));
    return new Reason(text, said).say(units);
  }

  private static Figure figure(FigureView f) {
    if (f.value() != null && f.unit() != null) {
      return new Figure.Amount(f.value(), f.unit());
    }
    return f.day() != null
        ? new Figure.Day(f.day())
        : new Figure.Words(f.words() == null ? "" : f.words());
  }

  private static FigureView view(Figure figure) {
    if (figure instanceof Figure.Amount amount) {
      return new FigureView(amount.value(), amount.unit(), null, null);
    }
    if (figure instanceof Figure.Day day) {
      return new FigureView(null, null, day.date(), null);
    }
    return new FigureView(null, null, null, ((Figure.Words) figure).text());
  }
}
