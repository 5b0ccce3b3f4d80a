package nimblefurrow.server.money;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import nimblefurrow.core.money.AccountLine;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.units.Reason;
import org.jspecify.annotations.Nullable;

/** A line of a cover's account that the farm wrote by itself. */
@Entity
@Table(name = "account_line")
class AccountRow {
  @Id UUID id;
  UUID farmId;
  UUID planId;

  /** Key of what it is for. */
  String part;

  String words;
  @Nullable Double plannedUsdPerHa;
  @Nullable Double cameUsdPerHa;
  boolean removed;
  @Version @Nullable Long version;

  AccountLine line() {
    return new AccountLine(
        id,
        MoneyPart.of(part),
        Reason.of("{words}").with("words", words),
        plannedUsdPerHa,
        cameUsdPerHa);
  }
}
