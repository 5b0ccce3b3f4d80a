package nimblefurrow.server.plan;

import java.util.List;
import nimblefurrow.core.setting.RowSetup;
import nimblefurrow.core.setting.SideDress;
import org.jspecify.annotations.Nullable;

/**
 * How a cover is meant to stand between the rows of a crop, as {@link RowSetup} says it.
 *
 * @param strips null where all is one mix
 */
public record RowSetupView(
    double cropSpacingM,
    int openers,
    double apartM,
    @Nullable Double twinM,
    int seededGaps,
    int ofGaps,
    @Nullable Double nextRowM,
    double angleDeg,
    @Nullable List<RowStrip> strips,
    @Nullable SideDressed sideDress) {
  /** A strip with a seed and a box of its own. */
  public record RowStrip(String species, double widthM, String box) {}

  /** Nitrogen in the same pass. */
  public record SideDressed(String product, double nitrogenKgPerHa, double bandM) {
    private SideDress domain() {
      return new SideDress(product.strip(), nitrogenKgPerHa, bandM);
    }

    private static @Nullable SideDressed of(@Nullable SideDress with) {
      return with == null
          ? null
          : new SideDressed(with.product(), with.nitrogenKgPerHa(), with.bandM());
    }
  }

  /**
   * As the core takes it.
   *
   * @throws nimblefurrow.core.units.Refused when it cannot be
   */
  public RowSetup setup() {
    return new RowSetup(
        cropSpacingM,
        openers,
        apartM,
        twinM,
        seededGaps,
        ofGaps,
        nextRowM,
        angleDeg,
        strips == null
            ? List.of()
            : strips.stream()
                .map(s -> new RowSetup.Strip(s.species(), s.widthM(), s.box()))
                .toList(),
        sideDress == null ? null : sideDress.domain());
  }

  /** As the wire has it; nothing of nothing. */
  public static @Nullable RowSetupView of(@Nullable RowSetup s) {
    return s == null
        ? null
        : new RowSetupView(
            s.cropSpacingM(),
            s.openers(),
            s.apartM(),
            s.twinM(),
            s.seededGaps(),
            s.ofGaps(),
            s.nextRowM(),
            s.angleDeg(),
            s.strips().stream().map(p -> new RowStrip(p.species(), p.widthM(), p.box())).toList(),
            SideDressed.of(s.sideDress()));
  }
}
