package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Reason;

/** What is found of a way of ending: the worst finding decides the fit, and comes first. */
public final class EndingFinding {
  private EndingOption.Fit fit = EndingOption.Fit.FITS;
  private LocalDate from;
  private LocalDate to;
  private int ready;
  private final List<Reason> reasons = new ArrayList<>();
  private final List<Reason> cautions = new ArrayList<>();

  EndingFinding(LocalDate day, int years) {
    from = day;
    to = day;
    ready = years;
  }

  /**
   * The days on which it is done; the planting day where none are said.
   *
   * @param first first day
   * @param last last day
   */
  public void range(LocalDate first, LocalDate last) {
    from = first;
    to = last;
  }

  /** {@return last day of its range} */
  public LocalDate to() {
    return to;
  }

  /** {@return middle of its range} */
  public LocalDate middle() {
    return from.plusDays(ChronoUnit.DAYS.between(from, to) / 2);
  }

  /**
   * In how many years it comes in time for planting; all where nothing is said.
   *
   * @param years number of years
   */
  public void ready(int years) {
    ready = years;
  }

  /**
   * It fits.
   *
   * @param reason why, with its figures
   */
  public void fits(Reason reason) {
    judge(EndingOption.Fit.FITS, reason);
  }

  /**
   * It fits with care.
   *
   * @param reason why, with its figures
   */
  public void care(Reason reason) {
    judge(EndingOption.Fit.WITH_CARE, reason);
  }

  /**
   * It does not fit.
   *
   * @param reason why, with its figures
   */
  public void no(Reason reason) {
    judge(EndingOption.Fit.DOES_NOT, reason);
  }

  /**
   * A further reason that does not change the fit.
   *
   * @param reason why, with its figures
   */
  public void because(Reason reason) {
    reasons.add(reason);
  }

  /**
   * What can hurt.
   *
   * @param reason why, with its figures
   */
  public void warn(Reason reason) {
    cautions.add(reason);
  }

  private void judge(EndingOption.Fit found, Reason reason) {
    if (found.compareTo(fit) > 0) {
      fit = found;
      reasons.add(0, reason);
    } else {
      reasons.add(reason);
    }
  }

  EndingOption option(EndingMethod method, EndingField field) {
    double cover = field.coverOn(middle()).median();
    return new EndingOption(method, fit, from, to, ready, cover, reasons, cautions);
  }
}
