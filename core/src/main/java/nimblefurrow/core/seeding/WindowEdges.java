package nimblefurrow.core.seeding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.units.Reason;
import org.jspecify.annotations.Nullable;

/** What opens and what closes a time of seeding: the last to open and the first to close count. */
public final class WindowEdges {
  private final List<Window.Edge> opening = new ArrayList<>();
  private final List<Window.Edge> closing = new ArrayList<>();
  private @Nullable Reason never;

  WindowEdges() {}

  /**
   * Not before.
   *
   * @param edge when, and why
   */
  public void opens(Window.Edge edge) {
    opening.add(edge);
  }

  /**
   * Not after.
   *
   * @param edge when, and why
   */
  public void closes(Window.Edge edge) {
    closing.add(edge);
  }

  /**
   * Not at all on this field.
   *
   * @param why why, with its figures
   */
  public void never(Reason why) {
    never = why;
  }

  /** Why there is no such time on this field; null when there may be one. */
  @Nullable Reason never() {
    return never;
  }

  /** The last of what opens it. */
  Window.Edge opens() {
    return opening.stream().max(Comparator.comparing(Window.Edge::day)).orElseThrow();
  }

  /** The first of what closes it. */
  Window.Edge closes() {
    return closing.stream().min(Comparator.comparing(Window.Edge::day)).orElseThrow();
  }
}
