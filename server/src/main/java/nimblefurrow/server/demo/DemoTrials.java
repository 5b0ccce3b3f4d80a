package nimblefurrow.server.demo;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.trial.TrialService;
import nimblefurrow.server.trial.TrialViews;
import org.springframework.stereotype.Component;

/** The demo farm's strips: one question over two years, and one that has begun. */
@Component
class DemoTrials {
  private static final double STRIP_M = 24.384;

  /** Strips of one field come out within so much of each other, as a share. */
  private static final double LUCK = 0.025;

  /** Its blocks lie so far apart, as a share. */
  private static final double BLOCKS = 0.04;

  private static final String ROLLING = "When to roll rye ahead of beans";
  private static final List<TrialViews.TreatmentInput> ROLLED =
      List.of(
          new TrialViews.TreatmentInput("rolled at flowering", 42),
          new TrialViews.TreatmentInput("rolled at dough", 42),
          new TrialViews.TreatmentInput("killed early", 61));

  private final TrialService trials;
  private final FieldService fields;

  DemoTrials(TrialService trials, FieldService fields) {
    this.trials = trials;
    this.fields = fields;
  }

  void load(UUID farmId) {
    Map<String, UUID> byName =
        fields.list(farmId).stream().collect(Collectors.toMap(FieldView::name, FieldView::id));
    UUID mill = Objects.requireNonNull(byName.get("Mill Quarter"));
    rolled(
        farmId,
        Objects.requireNonNull(byName.get("Long Eighty")),
        2025,
        4,
        List.of(3.72, 3.51, 3.60),
        11);
    rolled(
        farmId,
        Objects.requireNonNull(byName.get("Home Place")),
        2024,
        4,
        List.of(3.40, 3.28, 3.35),
        12);
    UUID running = UUID.nameUUIDFromBytes((farmId + " running").getBytes());
    trials.lay(
        farmId,
        running,
        2026,
        new TrialViews.TrialInput(
            null,
            mill,
            "Drilled or flown rye: which stands better?",
            CropKind.SOYBEAN,
            List.of(
                new TrialViews.TreatmentInput("drilled", 68),
                new TrialViews.TreatmentInput("flown", 57)),
            5,
            STRIP_M,
            null));
  }

  private void rolled(
      UUID farmId, UUID field, int season, int blocks, List<Double> yields, long seed) {
    UUID id = UUID.nameUUIDFromBytes((farmId + " rolled " + season).getBytes());
    trials.lay(
        farmId,
        id,
        season,
        new TrialViews.TrialInput(
            null, field, ROLLING, CropKind.SOYBEAN, ROLLED, blocks, STRIP_M, null));
    Random luck = new Random(seed);
    trials.strips(
        farmId,
        id,
        (number, block, treatment) -> {
          double ofBlock = 1 + BLOCKS * (block - 2.5) / 2;
          double yield = yields.get(treatment) * ofBlock * (1 + LUCK * luck.nextGaussian());
          double mulch = (treatment == 2 ? 2.4 : 7.2 + 1.1 * treatment) * ofBlock;
          boolean lost = season == 2024 && number == 5;
          Map<String, Double> figures =
              Map.of(
                  EntryFigure.YIELD.key(), hundredths(yield),
                  EntryFigure.COVER.key(), hundredths(mulch));
          return lost
              ? new TrialViews.StripInput(null, "the sprayer's wheel tracks", Map.of())
              : new TrialViews.StripInput(null, null, figures);
        });
  }

  private static double hundredths(double value) {
    return Math.round(value * 100) / 100.0;
  }
}
