package nimblefurrow.core.paper;

import java.util.Set;
import nimblefurrow.core.units.Reason;
import org.jspecify.annotations.Nullable;

/**
 * Whether a lot may go onto an organic field: organic seed may; seed that was never treated may
 * where no organic seed of the kind was to be had and that is written down; treated seed never may
 * (in the United States 7 CFR 205.204; other rules differ in words, and the certifier has the last
 * one).
 *
 * @param may whether it is offered
 * @param reason why not, or what is still missing; null when nothing is
 */
public record OrganicSeed(boolean may, @Nullable Reason reason) {
  /**
   * {@return whether a lot may}
   *
   * @param organic whether the lot is sold as organic
   * @param treated whether it is treated seed
   * @param papers kept with it
   */
  public static OrganicSeed of(boolean organic, boolean treated, Set<PaperKind> papers) {
    if (treated) {
      return new OrganicSeed(false, Reason.of("treated seed never goes onto an organic field"));
    }
    if (organic) {
      return new OrganicSeed(
          true,
          papers.contains(PaperKind.CERTIFICATE)
              ? null
              : Reason.of(
                  "its organic certificate is not with the lot yet: the inspector asks for it"));
    }
    boolean untreated = papers.contains(PaperKind.UNTREATED);
    if (untreated && papers.contains(PaperKind.SEED_SEARCH)) {
      return new OrganicSeed(
          true,
          Reason.of("conventional untreated seed: confirm with the certifier before it goes out"));
    }
    return new OrganicSeed(
        false,
        untreated
            ? Reason.of(
                "conventional seed: put the record of the search for organic seed with the lot")
            : Reason.of(
                "conventional seed: put the untreated statement and the record of the search for"
                    + " organic seed with the lot"));
  }
}
