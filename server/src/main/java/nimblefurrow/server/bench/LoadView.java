package nimblefurrow.server.bench;

import java.util.List;
import java.util.Locale;
import nimblefurrow.core.load.LoadPlan;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/**
 * Loads of a field as the wire shows them.
 *
 * @param bindingLimit {@code volume} or {@code mass}
 * @param legs trips between tender and field, both ways counted
 */
public record LoadView(
    String bindingLimit,
    double mostKg,
    double kgPerLoad,
    double haPerLoad,
    int loads,
    int legs,
    double seedKg,
    int passes,
    LoadPlan.Minutes minutes,
    double haPerHour,
    @Nullable Integer batteries,
    List<ReasonView> notes) {

  /** A load plan for the wire. */
  public static LoadView of(LoadPlan p) {
    return new LoadView(
        p.bindingLimit().name().toLowerCase(Locale.ROOT),
        p.mostKg(),
        p.kgPerLoad(),
        p.haPerLoad(),
        p.loads(),
        2 * p.loads(),
        p.seedKg(),
        p.passes(),
        p.minutes(),
        p.haPerHour(),
        p.batteries(),
        p.notes().stream().map(ReasonView::of).toList());
  }
}
