package nimblefurrow.core.seeding;

import java.util.List;
import java.util.stream.Stream;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.units.Reason;

/** Seed in the manure tank, injected or spread with it. */
final class Slurry extends AfterHarvest {
  Slurry() {
    super("slurry");
  }

  @Override
  public boolean carriesManure() {
    return true;
  }

  @Override
  protected List<Reason> cautions(SeedingSite site) {
    Texture texture = site.soil().texture();
    Stream<Reason> coarse =
        texture == Texture.SAND || texture == Texture.SANDY_LOAM
            ? Stream.of(Reason.of("slurry seeding fails often on coarse, droughty ground"))
            : Stream.of();
    Stream<Reason> always =
        Stream.of(
            Reason.of(
                "keep it stirred until the tank is empty, for seed settles; thick manure"
                    + " smothers it"));
    return Stream.concat(coarse, always).toList();
  }

  @Override
  public List<Reason> safety() {
    Reason manure =
        Reason.of("manure: setbacks, slopes and frozen ground by local rule; gases in tanks kill");
    return Stream.concat(super.safety().stream(), Stream.of(manure)).toList();
  }
}
