package nimblefurrow.core.outlook;

import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/**
 * What a stand is worth. Working values: half of the live seed of a usual drilled stand is good.
 */
public final class Stand {
  /** Share of a usual stand from which one is called good. */
  public static final double GOOD_SHARE = 0.5;

  /** Share below which grasses cannot make up for it by tillers, and nothing else can at all. */
  public static final double POOR_SHARE = 0.25;

  private static final double USUAL_CEILING = 0.80;

  private Stand() {}

  /** What to do about a stand. */
  public enum Verdict {
    GOOD,
    THIN_BUT_TILLERS,
    RESEED
  }

  /** A verdict and why. */
  public record Judged(Verdict verdict, Reason reason) {}

  /**
   * {@return plants per m² of a usual stand: what drilling the typical rate of usual seed brings}
   *
   * @param cover components of the cover
   */
  public static double usualPlantsPerM2(List<CoverComponent> cover) {
    double shares = cover.stream().mapToDouble(Stand::share).sum();
    return cover.stream().mapToDouble(c -> share(c) / shares * usual(c)).sum();
  }

  private static double share(CoverComponent c) {
    return c.rateKgPerHa() / c.species().seed().drilled().typical();
  }

  private static double usual(CoverComponent c) {
    return CoverComponent.of(c.species(), c.species().seed().drilled().typical()).liveSeedsPerM2()
        * USUAL_CEILING;
  }

  /**
   * {@return whether a run's stand came up good}
   *
   * @param cover components of the cover
   * @param run season asked about
   */
  public static boolean good(List<CoverComponent> cover, SeasonRun run) {
    double came = run.components().stream().mapToDouble(SeasonRun.Component::emergedPerM2).sum();
    return came >= GOOD_SHARE * usualPlantsPerM2(cover);
  }

  /**
   * Judges a count of plants.
   *
   * @param cover components of the cover
   * @param plantsPerM2 plants counted, per m²
   * @return the verdict, and why
   */
  public static Judged judge(List<CoverComponent> cover, double plantsPerM2) {
    double usual = usualPlantsPerM2(cover);
    double share = plantsPerM2 / usual;
    boolean tillers =
        cover.stream().anyMatch(c -> c.species().family() == Family.GRASS) && share >= POOR_SHARE;
    Verdict verdict =
        share >= GOOD_SHARE ? Verdict.GOOD : tillers ? Verdict.THIN_BUT_TILLERS : Verdict.RESEED;
    String text =
        switch (verdict) {
          case GOOD -> "{plants} is {share} of a usual stand of {usual}: good";
          case THIN_BUT_TILLERS ->
              "{plants} is {share} of a usual stand of {usual}: thin, but grasses tiller where they"
                  + " have room";
          case RESEED -> "{plants} is {share} of a usual stand of {usual}: too thin to close";
        };
    return new Judged(
        verdict,
        Reason.of(text)
            .with("plants", plantsPerM2, Unit.PER_M2)
            .with("share", share, Unit.SHARE)
            .with("usual", usual, Unit.PER_M2));
  }
}
