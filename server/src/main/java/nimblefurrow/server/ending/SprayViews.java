package nimblefurrow.server.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.ending.SprayJob;
import nimblefurrow.core.ending.SprayProduct;
import nimblefurrow.core.ending.TankMix;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** Sprays as the wire shows and takes them. */
final class SprayViews {
  private SprayViews() {}

  /**
   * A product from its label.
   *
   * @param version for saving: the version that was read; null for a new one
   */
  record ProductView(UUID id, @Nullable Long version, SprayProduct label) {}

  /** A product of the farm's and the rate meant. */
  record ProductUse(UUID productId, double ratePerHa) {}

  /**
   * A spray to be worked out.
   *
   * @param heightCm measured height of the cover
   * @param grazeFrom the day animals go in
   */
  record SprayInput(
      LocalDate on,
      List<ProductUse> uses,
      double carrierLPerHa,
      double tankL,
      double areaHa,
      @Nullable Double heightCm,
      @Nullable LocalDate grazeFrom,
      boolean hardWater) {}

  /** One product as it goes out; the row is the label's for the height, when it has one. */
  record SprayPart(
      String name, double activeGPerHa, double usedGPerHa, @Nullable Double rowRatePerHa) {}

  /** What was found; {@code BREAKS} stands against an entered limit, {@code FLAG} is a thought. */
  record SprayFinding(SprayJob.Weight weight, String product, ReasonView reason) {}

  /** The sheet. */
  record SpraySheet(
      TankMix tanks,
      List<SprayPart> parts,
      List<SprayFinding> findings,
      double reentryHours,
      double rainFreeHours,
      @Nullable Double windLowMPerS,
      @Nullable Double windHighMPerS) {}
}
