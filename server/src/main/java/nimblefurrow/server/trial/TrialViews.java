package nimblefurrow.server.trial;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.trial.BlockTrial;
import nimblefurrow.core.trial.Pay;
import nimblefurrow.core.trial.YearsTogether;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** Trials on the wire. */
public final class TrialViews {
  private TrialViews() {}

  /**
   * A trial as it is laid out.
   *
   * @param version that was read; null for a new one
   * @param crop whose yield is measured
   * @param bearingDeg of the strips; null for the direction with the fewest turns
   */
  public record TrialInput(
      @Nullable Long version,
      UUID fieldId,
      String question,
      CropKind crop,
      List<TreatmentInput> treatments,
      int replicates,
      double stripWidthM,
      @Nullable Double bearingDeg) {}

  /** A treatment and what it costs beside nothing. */
  public record TreatmentInput(String name, double usdPerHa) {}

  /** Whether the ways of a trial are worked apart. */
  @Schema(name = "TrialPartInput")
  public record PartInput(@Nullable Long version, boolean apart) {}

  /**
   * What the ways of a trial cost.
   *
   * @param usdPerHa in their order; null for what the accounts of their parts say
   */
  @Schema(name = "TrialCostsInput")
  public record CostsInput(@Nullable Long version, @Nullable List<Double> usdPerHa) {}

  /** What was found on a strip; {@code lost} says why it does not count. */
  public record StripInput(
      @Nullable Long version, @Nullable String lost, @Nullable Map<String, Double> figures) {}

  /**
   * A trial.
   *
   * @param bearingDeg of the strips; null where the field has no boundary
   * @param parts the fields its ways are worked as; empty while they are one
   * @param partable whether its ways can be worked apart
   * @param warnings what weakens it
   * @param results one for each figure that was measured
   */
  public record TrialView(
      UUID id,
      @Nullable Long version,
      UUID fieldId,
      String field,
      int season,
      String question,
      CropKind crop,
      List<TreatmentInput> treatments,
      int replicates,
      double stripWidthM,
      @Nullable Double bearingDeg,
      List<StripView> strips,
      List<PartView> parts,
      boolean partable,
      List<MeasureView> measures,
      List<ReasonView> warnings,
      List<ResultView> results) {}

  /**
   * A way worked as a field of its own.
   *
   * @param treatment by its place; null for what lies round the strips
   * @param usdPerHa what its cover costs in seed, seeding, ending and passes as it stands; null
   *     without one
   */
  @Schema(name = "TrialPart")
  public record PartView(
      UUID fieldId,
      String name,
      double areaHa,
      @Nullable Integer treatment,
      @Nullable Double usdPerHa) {}

  /** A strip; its ring in degrees is empty where the field has no boundary. */
  @Schema(name = "TrialStrip")
  public record StripView(
      int number,
      int block,
      int treatment,
      @Nullable String lost,
      Map<String, Double> figures,
      List<double[]> ring) {}

  /** What can be measured on a strip. */
  @Schema(name = "TrialMeasure")
  public record MeasureView(String key, String label, Unit unit) {}

  /**
   * What strips say of one figure.
   *
   * @param said the sentence; or why nothing can be said yet
   * @param pays what each treatment brings beside the first; empty where no price is known
   * @param together the same question in several years; null in the first
   */
  @Schema(name = "TrialResult")
  public record ResultView(
      String key,
      String label,
      Unit unit,
      ReasonView said,
      List<BlockTrial.Treatment> treatments,
      List<BlockTrial.Difference> differences,
      @Nullable Double lsd,
      @Nullable Double cv,
      @Nullable Double chance,
      List<Pay> pays,
      @Nullable TogetherView together) {}

  /** Several years of one question: the first treatment less the second. */
  @Schema(name = "TrialTogether")
  public record TogetherView(List<YearView> years, YearsTogether all) {}

  /** One year's difference. */
  @Schema(name = "TrialYear")
  public record YearView(int season, String field, double difference, double low, double high) {}
}
