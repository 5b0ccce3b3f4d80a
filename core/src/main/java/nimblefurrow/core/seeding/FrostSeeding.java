package nimblefurrow.core.seeding;

import java.util.List;
import nimblefurrow.core.cover.Hardiness;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** Small seed on ground that freezes by night and thaws by day, which draws it in. */
final class FrostSeeding extends SeedingMethod {
  /** From so large a share of days that freeze and thaw on. Working value. */
  private static final double FROST_SHARE = 0.4;

  /** Heavier seed is not drawn in by freeze and thaw, mg. Working value. */
  private static final double HEAVIEST_MG = 5;

  private static final int YEAR = 365;

  FrostSeeding() {
    super(SeedingTraits.shipped("frost"));
  }

  @Override
  public boolean hangsOnWarmth() {
    return false;
  }

  /** The ground is wet then, and frost does the rest. */
  @Override
  public boolean needsRain() {
    return false;
  }

  @Override
  public List<String> shortlist() {
    return List.of("red_clover", "crimson_clover", "balansa_clover");
  }

  @Override
  protected void edges(SeedingSite site, WindowEdges edges) {
    site.cover().stream()
        .filter(FrostSeeding::unfit)
        .findFirst()
        .ifPresent(
            s ->
                edges.never(
                    Reason.of(
                            "frost seeding is for small hardy seed such as clovers, not {species}")
                        .with("species", s.name())));
    double begins = site.climate().freezeThawBegins().median();
    double until = site.climate().freezeThawUntil(FROST_SHARE);
    // Late winter belongs to the spring after harvest, unless a grain stands to be seeded into now.
    int year = site.smallGrain() ? 0 : YEAR;
    edges.opens(
        site.edge(
            begins + year, Reason.of("nights freeze and days thaw on most days from {day} on")));
    edges.closes(
        site.edge(
            Math.max(until, begins) + year,
            Reason.of("after {day} under {share} of days freeze and thaw the seed in")
                .with("share", FROST_SHARE, Unit.SHARE)));
  }

  /** What freeze and thaw do not bed, or spring frost would take. */
  private static boolean unfit(Species s) {
    return !s.legume()
        || s.seed().singleMg() > HEAVIEST_MG
        || s.winter().hardiness() != Hardiness.HARDY;
  }
}
