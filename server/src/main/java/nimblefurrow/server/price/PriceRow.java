package nimblefurrow.server.price;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import nimblefurrow.core.price.BookedPrice;
import nimblefurrow.core.price.Priced;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "booked_price")
class PriceRow {
  @Id UUID id;
  UUID farmId;

  /** Key of what it is of. */
  String what;

  double usd;
  int year;
  String source;
  @Version @Nullable Long version;

  BookedPrice price() {
    return new BookedPrice(Priced.of(what), usd, year, source);
  }
}
