package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalInt;
import nimblefurrow.core.trial.BlockTrial;
import nimblefurrow.core.trial.Replicates;
import nimblefurrow.core.trial.Sentence;
import nimblefurrow.core.trial.StripWidth;
import nimblefurrow.core.trial.YearsTogether;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Strips: how wide, how many, and what they say. */
@RestController
@RequestMapping("/api/bench")
class TrialBench {
  private static final double TOLERANCE_M = 0.05;
  private static final double CONFIDENCE = 0.9;

  /**
   * Machines and a field.
   *
   * @param machineWidthsM the planter's first
   */
  @Schema(
      example =
          "{\"machineWidthsM\":[9.14,4.57],\"harvestWidthM\":9.14,\"guardM\":0,\"toleranceM\":0.05,"
              + "\"treatments\":3,\"replicates\":4,\"fieldWidthM\":400}")
  record StripsQuestion(
      List<Double> machineWidthsM,
      double harvestWidthM,
      @Nullable Double guardM,
      @Nullable Double toleranceM,
      int treatments,
      int replicates,
      double fieldWidthM) {}

  @PostMapping("/strips")
  StripWidth strips(@RequestBody StripsQuestion q) {
    return StripWidth.of(
        new StripWidth.Machines(
            q.machineWidthsM(),
            q.harvestWidthM(),
            or(q.guardM(), 0),
            or(q.toleranceM(), TOLERANCE_M)),
        q.treatments(),
        q.replicates(),
        q.fieldWidthM());
  }

  /** A strip's value, or none where it is lost. */
  @Schema(name = "StripValue")
  record Value(String block, String treatment, @Nullable Double value) {}

  @Schema(
      example =
          "{\"confidence\":0.9,\"values\":["
              + "{\"block\":\"1\",\"treatment\":\"early\",\"value\":11.9},"
              + "{\"block\":\"1\",\"treatment\":\"late\",\"value\":11.5},"
              + "{\"block\":\"2\",\"treatment\":\"early\",\"value\":12.3},"
              + "{\"block\":\"2\",\"treatment\":\"late\",\"value\":11.6},"
              + "{\"block\":\"3\",\"treatment\":\"early\",\"value\":12.0},"
              + "{\"block\":\"3\",\"treatment\":\"late\",\"value\":11.8}]}")
  record TrialQuestion(List<Value> values, @Nullable Double confidence) {}

  /** Sums of squares, degrees of freedom, and how often chance alone brings such an F. */
  @Schema(name = "TrialAnova")
  record AnovaView(
      double treatmentSs,
      double blockSs,
      double errorSs,
      int treatmentDf,
      int blockDf,
      int errorDf,
      double f,
      double p) {}

  /** What strips say. */
  record TrialAnswer(
      List<BlockTrial.Treatment> treatments,
      AnovaView anova,
      List<BlockTrial.Difference> differences,
      @Nullable Double lsd,
      double cv,
      String text) {}

  @PostMapping("/trial")
  TrialAnswer trial(@RequestBody TrialQuestion q) {
    double confidence = or(q.confidence(), CONFIDENCE);
    BlockTrial t =
        BlockTrial.of(
            q.values().stream()
                .map(v -> new BlockTrial.Strip(v.block(), v.treatment(), v.value()))
                .toList(),
            confidence);
    BlockTrial.Anova a = t.anova();
    return new TrialAnswer(
        t.treatments(),
        new AnovaView(
            a.treatmentSs(),
            a.blockSs(),
            a.errorSs(),
            a.treatmentDf(),
            a.blockDf(),
            a.errorDf(),
            a.f(),
            a.p()),
        t.differences(),
        t.lsd(),
        t.cv(),
        Sentence.of(t, confidence));
  }

  @Schema(
      example =
          "{\"difference\":0.19,\"cvFraction\":0.06,\"mean\":11.5,\"treatments\":3,\"power\":0.8,"
              + "\"risk\":0.1}")
  record ReplicatesQuestion(
      double difference,
      double cvFraction,
      double mean,
      int treatments,
      @Nullable Double power,
      @Nullable Double risk) {}

  /** None where fifty blocks are too few. */
  record ReplicatesAnswer(@Nullable Integer replicates) {}

  @PostMapping("/replicates")
  ReplicatesAnswer replicates(@RequestBody ReplicatesQuestion q) {
    OptionalInt needed =
        Replicates.needed(
            new Replicates.Wanted(q.difference(), q.cvFraction(), q.mean(), q.treatments()),
            or(q.power(), Replicates.USUAL_POWER),
            or(q.risk(), Replicates.USUAL_RISK));
    return new ReplicatesAnswer(needed.isPresent() ? needed.getAsInt() : null);
  }

  @Schema(
      example =
          "{\"years\":[{\"difference\":0.4,\"standardError\":0.2},{\"difference\":0.1,\"standardError\":0.15}]}")
  record CombineQuestion(List<YearsTogether.Year> years) {}

  @PostMapping("/combine")
  YearsTogether combine(@RequestBody CombineQuestion q) {
    return YearsTogether.of(q.years());
  }

  private static double or(@Nullable Double value, double usual) {
    return value == null ? usual : value;
  }
}
