package nimblefurrow.core.seeding;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** A way of seeding between the rows of a crop that still lets light through. */
abstract class YoungCrop extends SeedingMethod {
  /** Under a darker canopy seedlings starve, share of daylight. Working value. */
  private static final double ROW_LIGHT = 0.40;

  /** Leaves of soybeans follow days from planting: V2 and V4 in the mean. */
  private static final double SOYBEANS_V2_DAYS = 21;

  private static final double SOYBEANS_V4_DAYS = 32;

  private final int fromV;
  private final int toV;

  /**
   * @param fromV corn's leaf stage below which it is hurt
   * @param toV its last stage that the machine passes over
   */
  YoungCrop(String key, int fromV, int toV) {
    super(SeedingTraits.shipped(key));
    this.fromV = fromV;
    this.toV = toV;
  }

  @Override
  public final boolean underCrop() {
    return true;
  }

  @Override
  public final boolean inRows() {
    return true;
  }

  @Override
  public final boolean hangsOnWarmth() {
    return false;
  }

  @Override
  public final List<String> shortlist() {
    return Interseeded.lasting();
  }

  @Override
  public final List<Reason> say(Species species) {
    return Interseeded.say(species).stream().toList();
  }

  @Override
  protected final void edges(SeedingSite site, WindowEdges edges) {
    if (!site.rows()) {
      edges.never(Reason.of("{method} needs a standing crop").with("method", label()));
      return;
    }
    if (site.corn()) {
      edges.opens(
          site.edge(
              site.crop().stageReached(fromV).median(),
              Reason.of("corn reaches V" + fromV + " about {day}: smaller corn is hurt")));
      edges.closes(
          site.edge(
              site.crop().stageReached(toV + 1.0).median() - 1,
              Reason.of("corn passes V" + toV + " after {day}: taller than the bar, too dark")));
    } else {
      edges.opens(
          site.edge(
              site.crop().stageReached(SOYBEANS_V2_DAYS).median(),
              Reason.of("soybeans reach V2 about {day}")));
      edges.closes(
          site.edge(
              site.crop().stageReached(SOYBEANS_V4_DAYS).median(),
              Reason.of("soybeans pass V4 after {day}: they close over what comes up")));
    }
    edges.closes(
        site.edge(
            site.crop().lightFalls(ROW_LIGHT).median(),
            Reason.of("after {day} under {light} of daylight reaches the ground")
                .with("light", ROW_LIGHT, Unit.SHARE)));
  }

  @Override
  protected final List<Reason> cautions(SeedingSite site) {
    List<Reason> all = new ArrayList<>();
    site.cover().forEach(s -> all.addAll(say(s)));
    all.add(
        Reason.of(
            "check residual herbicides on this crop first; the label's rotation section decides"));
    if (site.soybeans()) {
      all.add(Reason.of("tall cover in soybeans gets in the way of the cutter bar"));
    }
    return all;
  }
}
