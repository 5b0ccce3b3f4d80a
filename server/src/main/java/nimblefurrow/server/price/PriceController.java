package nimblefurrow.server.price;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.price.Priced;
import nimblefurrow.server.people.Access;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The price book of a farm. */
@RestController
@RequestMapping("/api/farms/{farmId}/prices")
class PriceController {
  private final PriceService prices;
  private final Access access;

  PriceController(PriceService prices, Access access) {
    this.prices = prices;
    this.access = access;
  }

  @GetMapping
  List<PriceViews.PriceView> prices(@PathVariable UUID farmId) {
    access.see(farmId);
    return prices.book(farmId);
  }

  @PutMapping("/{what}")
  PriceViews.PriceView put(
      @PathVariable UUID farmId,
      @PathVariable Priced what,
      @RequestBody PriceViews.PriceInput price) {
    access.manage(farmId);
    return prices.put(farmId, what, price);
  }

  /** Back to the price that ships. */
  @DeleteMapping("/{what}")
  PriceViews.PriceView reset(@PathVariable UUID farmId, @PathVariable Priced what) {
    access.manage(farmId);
    return prices.reset(farmId, what);
  }
}
