package nimblefurrow.server.nutrient;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.nutrient.NitrogenSource;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** Ledgers of nitrogen as they go over the wire. */
final class LedgerViews {
  private LedgerViews() {}

  /** A line, kg/ha: brought is lost, held and available. */
  record NitrogenLineView(
      NitrogenSource source,
      String label,
      ReasonView words,
      double brought,
      double lost,
      double held,
      double available,
      double low,
      double high) {}

  /** Freed up to a day, kg/ha. */
  record NitrogenWeek(LocalDate on, double low, double middle, double high) {}

  /**
   * A field's ledger.
   *
   * @param crop that follows, in a grower's words
   * @param plantOn when it is planted
   * @param credit what it means for that crop
   * @param missing what would make it surer
   */
  record NitrogenLedgerView(
      String crop,
      LocalDate plantOn,
      List<NitrogenLineView> lines,
      List<NitrogenWeek> weeks,
      double low,
      double available,
      double high,
      ReasonView credit,
      List<String> missing) {}

  /**
   * A cover to be fed.
   *
   * @param kgPerKg dry matter grown for a kilogram of nitrogen; 15 when not said
   */
  record FeedingQuestion(double nitrogenKgPerHa, @Nullable Double kgPerKg) {}

  /**
   * What feeding brings.
   *
   * @param targetMgPerHa the mulch that is wanted
   * @param kgPerKg that was reckoned with
   */
  record FedView(
      double moreMgPerHa,
      double usdPerHa,
      int metBefore,
      int metAfter,
      int years,
      double targetMgPerHa,
      double kgPerKg) {}
}
