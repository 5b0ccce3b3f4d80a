package nimblefurrow.server.price;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.price.BookedPrice;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.price.Priced;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Prices of farms. Callers have checked who asks. */
@Service
public class PriceService {
  private final PriceRows rows;

  PriceService(PriceRows rows) {
    this.rows = rows;
  }

  /** The prices a farm reckons with: its own, else those that ship. */
  @Transactional(readOnly = true)
  public PriceBook of(UUID farmId) {
    return PriceBook.shipped()
        .with(rows.findByFarmId(farmId).stream().map(PriceRow::price).toList());
  }

  /** All prices, in the order of the book. */
  @Transactional(readOnly = true)
  public List<PriceViews.PriceView> book(UUID farmId) {
    Map<String, PriceRow> own =
        rows.findByFarmId(farmId).stream().collect(Collectors.toMap(r -> r.what, r -> r));
    return Arrays.stream(Priced.values()).map(p -> view(p, own.get(p.key()))).toList();
  }

  private static PriceViews.PriceView view(Priced what, @Nullable PriceRow row) {
    return row == null
        ? PriceViews.PriceView.of(PriceBook.shipped().of(what), false, null)
        : PriceViews.PriceView.of(row.price(), true, row.version);
  }

  /**
   * Makes a price the farm's own.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public PriceViews.PriceView put(UUID farmId, Priced what, PriceViews.PriceInput in) {
    PriceRow row = rows.findByFarmIdAndWhat(farmId, what.key()).orElse(null);
    PriceRow there = row;
    ChangedMeanwhile.unless(
        row == null ? null : row.version,
        in.version(),
        "the price of " + what.label(),
        () -> view(what, there));
    return view(what, store(farmId, row, new BookedPrice(what, in.usd(), in.year(), in.source())));
  }

  private PriceRow store(UUID farmId, @Nullable PriceRow there, BookedPrice price) {
    PriceRow row = there == null ? new PriceRow() : there;
    if (there == null) {
      row.id = UUID.randomUUID();
      row.farmId = farmId;
      row.what = price.what().key();
    }
    row.usd = price.usd();
    row.year = price.year();
    row.source = price.source();
    return rows.saveAndFlush(row);
  }

  /** Back to the price that ships. */
  @Transactional
  public PriceViews.PriceView reset(UUID farmId, Priced what) {
    rows.findByFarmIdAndWhat(farmId, what.key()).ifPresent(rows::delete);
    rows.flush();
    return view(what, null);
  }
}
