package nimblefurrow.core.seeding;

import java.util.List;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** A way of seeding from above into a crop that drops its leaves. */
abstract class StandingCrop extends SeedingMethod {
  /** So much daylight has to reach the ground, share. Working value. */
  private static final double STANDING_LIGHT = 0.25;

  /** After maturity, days: half of the soybean leaves are down. Working value. */
  private static final int SOYBEAN_LEAVES_DAYS = 2;

  private final int beforeHarvestDays;

  /**
   * @param beforeHarvestDays that seed needs to come up before machines drive over it. Working
   *     value
   */
  StandingCrop(String key, int beforeHarvestDays) {
    super(SeedingTraits.shipped(key));
    this.beforeHarvestDays = beforeHarvestDays;
  }

  /** Whether seed must fall under the leaves of soybeans as they drop. */
  boolean underFallingLeaves() {
    return true;
  }

  @Override
  public List<Reason> safety() {
    return List.of(
        Reason.of(
            "stop the power take-off, augers and conveyors before clearing them; mind ladders,"
                + " lids and folding wings"));
  }

  @Override
  protected final void edges(SeedingSite site, WindowEdges edges) {
    if (!site.rows()) {
      edges.never(Reason.of("{method} needs a standing crop").with("method", label()));
      return;
    }
    edges.opens(
        site.edge(
            site.crop().lightRises(STANDING_LIGHT).median(),
            Reason.of("leaves let {light} of daylight through from {day} on")
                .with("light", STANDING_LIGHT, Unit.SHARE)));
    double harvest = site.crop().harvest().median();
    edges.closes(
        site.soybeans() && underFallingLeaves()
            ? site.edge(
                site.crop().mature().median() + SOYBEAN_LEAVES_DAYS,
                Reason.of("soybean leaves are half down by {day}; seed must fall under them"))
            : site.edge(
                harvest - beforeHarvestDays,
                Reason.of("{before} before harvest, {harvest} in the middle year: time to come up")
                    .with("before", beforeHarvestDays, Unit.DAYS)
                    .with("harvest", site.crop().day(harvest))));
  }
}
