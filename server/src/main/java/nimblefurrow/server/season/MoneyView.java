package nimblefurrow.server.season;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import nimblefurrow.core.money.CoverAccount;
import nimblefurrow.core.record.MoneyPart;
import org.jspecify.annotations.Nullable;

/**
 * What a cover that is thought of costs and brings.
 *
 * @param parts those that there are, in their order, $/ha
 * @param net all of them, $/ha; below nought where it costs
 */
public record MoneyView(List<PartUsd> parts, double net) {

  /**
   * A part of it; what it brings is above nought, what it costs below.
   *
   * @param label what it is for, in a grower's words
   */
  public record PartUsd(MoneyPart part, String label, double usd) {
    public static PartUsd of(MoneyPart part, double usd) {
      return new PartUsd(part, part.label(), usd);
    }
  }

  public static @Nullable MoneyView of(@Nullable CoverAccount account) {
    return account == null
        ? null
        : new MoneyView(
            Stream.of(MoneyPart.values())
                .map(p -> part(account, p))
                .filter(Objects::nonNull)
                .toList(),
            account.planned());
  }

  private static @Nullable PartUsd part(CoverAccount account, MoneyPart part) {
    Double usd = account.planned(part);
    return usd == null || usd == 0 ? null : PartUsd.of(part, usd);
  }
}
