package nimblefurrow.server.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Rows of a cover as they are kept with its plan. */
record StoredRows(
    double cropSpacingM,
    int openers,
    double apartM,
    @Nullable Double twinM,
    int seededGaps,
    int ofGaps,
    @Nullable Double nextRowM,
    double angleDeg,
    List<Strip> strips,
    @Nullable Dressed sideDress) {
  record Strip(String species, double widthM, String box) {}

  record Dressed(String product, double nitrogenKgPerHa, double bandM) {}

  static @Nullable StoredRows of(@Nullable RowSetupView v) {
    if (v == null) {
      return null;
    }
    RowSetupView.SideDressed with = v.sideDress();
    return new StoredRows(
        v.cropSpacingM(),
        v.openers(),
        v.apartM(),
        v.twinM(),
        v.seededGaps(),
        v.ofGaps(),
        v.nextRowM(),
        v.angleDeg(),
        v.strips() == null
            ? List.of()
            : v.strips().stream().map(s -> new Strip(s.species(), s.widthM(), s.box())).toList(),
        with == null ? null : new Dressed(with.product(), with.nitrogenKgPerHa(), with.bandM()));
  }

  RowSetupView view() {
    return new RowSetupView(
        cropSpacingM,
        openers,
        apartM,
        twinM,
        seededGaps,
        ofGaps,
        nextRowM,
        angleDeg,
        strips.stream()
            .map(s -> new RowSetupView.RowStrip(s.species(), s.widthM(), s.box()))
            .toList(),
        sideDress == null
            ? null
            : new RowSetupView.SideDressed(
                sideDress.product(), sideDress.nitrogenKgPerHa(), sideDress.bandM()));
  }
}
