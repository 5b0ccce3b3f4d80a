package nimblefurrow.core.outlook;

import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.season.SeasonColumns;

/**
 * Roots that open tight ground, Mg/ha: a part of the tops by family, counted in full where they
 * reach 80 cm. The most that ever lived counts, for channels stay when roots die. Tap roots push
 * through what fibrous roots pass round (Chen and Weil 2010), so that a grass counts for less than
 * its roots weigh. Working values.
 */
final class RootsGrown {
  private static final double FULL_DEPTH_M = 0.8;

  private RootsGrown() {}

  /** The most up to a day. */
  static double until(List<CoverComponent> cover, SeasonColumns columns, int last) {
    double most = 0;
    for (int day = 0; day <= last; day++) {
      double roots = 0;
      for (int c = 0; c < cover.size(); c++) {
        roots += columns.coverMgPerHa()[c][day] * shareOfTops(cover.get(c).species().family());
      }
      most = Math.max(most, roots * Math.min(1, columns.rootsM()[day] / FULL_DEPTH_M));
    }
    return most;
  }

  private static double shareOfTops(Family family) {
    return switch (family) {
      case BRASSICA -> 0.40;
      case LEGUME -> 0.20;
      case GRASS, OTHER -> 0.18;
    };
  }
}
