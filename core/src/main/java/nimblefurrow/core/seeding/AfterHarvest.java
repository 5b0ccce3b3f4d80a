package nimblefurrow.core.seeding;

/** A way of seeding that waits until the crop is off. */
abstract class AfterHarvest extends SeedingMethod {
  AfterHarvest(String key) {
    super(SeedingTraits.shipped(key));
  }

  @Override
  public final boolean waitsForHarvest() {
    return true;
  }

  @Override
  protected void edges(SeedingSite site, WindowEdges edges) {
    edges.opens(site.harvest("the crop is off {day} in the middle year"));
  }
}
