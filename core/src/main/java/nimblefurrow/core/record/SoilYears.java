package nimblefurrow.core.record;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/**
 * One figure of a field's soil over the years, beside what other fields had.
 *
 * @param figure which
 * @param own looks at the field, oldest first; one at least
 * @param beside looks at others, oldest first
 * @param says what became of it
 */
public record SoilYears(EntryFigure figure, List<Look> own, List<Look> beside, Reason says) {
  /** A tenth more or less is how one digs, not the soil. Working value. */
  private static final double ALIKE = 0.1;

  public SoilYears {
    own = List.copyOf(own);
    beside = List.copyOf(beside);
  }

  /**
   * A look at a soil.
   *
   * @param field its name
   * @param value in the figure's unit
   */
  public record Look(String field, LocalDate on, double value) {}

  /** {@return figures of a soil that are followed over years; nitrate is of its season alone} */
  public static List<EntryFigure> followed() {
    return LogKind.SOIL.carries().figures().stream()
        .filter(f -> f != EntryFigure.SOIL_NITRATE)
        .toList();
  }

  /**
   * {@return the years of a figure}
   *
   * @param figure which
   * @param looks at the field, in any order; one at least
   * @param others looks at other fields, in any order
   */
  public static SoilYears of(EntryFigure figure, List<Look> looks, List<Look> others) {
    List<Look> own = looks.stream().sorted(Comparator.comparing(Look::on)).toList();
    List<Look> beside = others.stream().sorted(Comparator.comparing(Look::on)).toList();
    return new SoilYears(figure, own, beside, says(figure.unit(), own, beside));
  }

  private static Reason says(Unit unit, List<Look> own, List<Look> beside) {
    Look first = own.get(0);
    Look last = own.get(own.size() - 1);
    boolean years = first.on().getYear() < last.on().getYear();
    boolean alike = Math.abs(last.value() - first.value()) <= ALIKE * Math.abs(first.value());
    String text =
        !years
            ? "{last} in {to}"
            : alike ? "{last} in {to}, much as in {from}" : "{first} in {from}, {last} in {to}";
    List<Look> then = then(beside, last.on().getYear());
    Reason reason =
        Reason.of(then.isEmpty() ? text : text + "; beside it {middle} in the middle of {looks}")
            .with("first", first.value(), unit)
            .with("last", last.value(), unit)
            .with("from", String.valueOf(first.on().getYear()))
            .with("to", String.valueOf(last.on().getYear()));
    if (then.isEmpty()) {
      return reason;
    }
    double middle = Spread.of(then.stream().mapToDouble(Look::value).toArray()).median();
    return reason
        .with("middle", middle, unit)
        .with("looks", then.size() == 1 ? "one look" : then.size() + " looks");
  }

  /** Looks of a year, which had the same weather; of all years where that has none. */
  private static List<Look> then(List<Look> beside, int year) {
    List<Look> same = of(beside, year).toList();
    return same.isEmpty() ? beside : same;
  }

  private static Stream<Look> of(List<Look> all, int year) {
    return all.stream().filter(l -> l.on().getYear() == year);
  }
}
