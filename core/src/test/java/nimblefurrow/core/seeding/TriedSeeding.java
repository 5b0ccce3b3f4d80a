package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.units.Reason;

/** A way of seeding that does not ship: what a new file has to say, and no more. */
public final class TriedSeeding extends SeedingMethod {
  /** Shot from a cannon behind the combine. */
  public TriedSeeding() {
    super(new SeedingTraits("cannon", "seed cannon", Placement.BROADCAST, RateBasis.SURFACE, 12));
  }

  @Override
  public boolean waitsForHarvest() {
    return true;
  }

  @Override
  protected void edges(SeedingSite site, WindowEdges edges) {
    edges.opens(site.harvest("the crop is off {day} in the middle year"));
    edges.closes(
        new Window.Edge(
            LocalDate.of(site.crop().ensemble().seasonYear(), 11, 11),
            Reason.of("the cannon is locked away after {day}")
                .with("day", LocalDate.of(site.crop().ensemble().seasonYear(), 11, 11))));
  }

  @Override
  public List<Reason> safety() {
    return List.of(Reason.of("stand behind it"));
  }
}
