package nimblefurrow.core.seeding;

import nimblefurrow.core.units.Reason;

/** A seeder on the combine's head: it goes when and where the combine goes. */
final class CombineHead extends SeedingMethod {
  CombineHead() {
    super(SeedingTraits.shipped("combineHead"));
  }

  @Override
  public boolean goesWithCombine() {
    return true;
  }

  @Override
  public boolean spreadAndLeft() {
    return true;
  }

  @Override
  protected void edges(SeedingSite site, WindowEdges edges) {
    if (site.silage()) {
      edges.never(Reason.of("a chopper carries no seeder on its head"));
      return;
    }
    if (!site.rows() && !site.smallGrain()) {
      edges.never(Reason.of("{method} needs a standing crop").with("method", label()));
      return;
    }
    edges.opens(site.harvest("the combine is in the field {day} in the middle year"));
    edges.closes(
        site.edge(
            site.crop().harvest().quantile(0.9),
            Reason.of("goes out with the combine; nine years in ten are cut by {day}")));
  }
}
