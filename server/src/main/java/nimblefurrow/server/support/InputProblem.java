package nimblefurrow.server.support;

import java.util.List;
import nimblefurrow.core.units.Refused;

/** Input that cannot be taken, with a sentence for each place that is wrong. */
public final class InputProblem extends Refused {
  private static final long serialVersionUID = 1;

  private final transient List<At> problems;

  /**
   * One thing that is wrong.
   *
   * @param path where, such as {@code plan.seedOn} or {@code feature 3}
   * @param message what, in a sentence a grower understands
   */
  public record At(String path, String message) {}

  public InputProblem(List<At> problems) {
    super(
        problems.isEmpty() ? "" : problems.get(0).path(),
        problems.isEmpty() ? "wrong input" : problems.get(0).message());
    this.problems = List.copyOf(problems);
  }

  public InputProblem(String path, String message) {
    this(List.of(new At(path, message)));
  }

  /** All that is wrong. */
  public List<At> problems() {
    return problems;
  }
}
