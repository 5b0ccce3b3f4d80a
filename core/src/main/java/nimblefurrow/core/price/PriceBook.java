package nimblefurrow.core.price;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import nimblefurrow.core.units.CsvTable;

/**
 * The prices of a farm, one of each.
 *
 * @param prices by what they are of, all there are
 */
public record PriceBook(Map<Priced, BookedPrice> prices) {
  private static final PriceBook SHIPPED = read();

  public PriceBook {
    prices = Map.copyOf(prices);
  }

  /** {@return the prices that ship: working values to be replaced} */
  public static PriceBook shipped() {
    return SHIPPED;
  }

  private static PriceBook read() {
    Map<Priced, BookedPrice> all = new EnumMap<>(Priced.class);
    for (var r : CsvTable.shipped("prices.csv")) {
      Priced what = Priced.of(r.get("what"));
      all.put(
          what,
          new BookedPrice(
              what, CsvTable.number(r, "usd"), (int) CsvTable.number(r, "year"), r.get("source")));
    }
    return new PriceBook(all);
  }

  /**
   * {@return the same with prices of a farm's own}
   *
   * @param own they go before those that are there
   */
  public PriceBook with(List<BookedPrice> own) {
    Map<Priced, BookedPrice> all = new EnumMap<>(prices);
    own.forEach(p -> all.put(p.what(), p));
    return new PriceBook(all);
  }

  /**
   * {@return the price of something and where it is from}
   *
   * @param what it is of
   */
  public BookedPrice of(Priced what) {
    return Objects.requireNonNull(prices.get(what), what.key());
  }

  /**
   * {@return the price of something, US dollars in its unit}
   *
   * @param what it is of
   */
  public double usd(Priced what) {
    return of(what).usd();
  }
}
