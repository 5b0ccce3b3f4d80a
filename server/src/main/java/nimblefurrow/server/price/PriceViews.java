package nimblefurrow.server.price;

import nimblefurrow.core.price.BookedPrice;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/** Prices as they go over the wire. */
final class PriceViews {
  private PriceViews() {}

  /**
   * A price.
   *
   * @param label of what it is, in a grower's words
   * @param unit the price is in
   * @param own whether it is the farm's; else it ships
   * @param version for saving: the version that was read; null while it is not the farm's
   */
  record PriceView(
      Priced what,
      String label,
      Unit unit,
      double usd,
      int year,
      String source,
      boolean own,
      @Nullable Long version) {
    static PriceView of(BookedPrice p, boolean own, @Nullable Long version) {
      return new PriceView(
          p.what(), p.what().label(), p.what().unit(), p.usd(), p.year(), p.source(), own, version);
    }
  }

  /** A price as it is sent; see {@link PriceView}. */
  record PriceInput(@Nullable Long version, double usd, int year, String source) {}
}
