package nimblefurrow.core.money;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.record.MoneyPart;

/**
 * Accounts of several covers together.
 *
 * @param name what they have in common
 * @param covers how many
 * @param areaHa of all of them, a field with two covers counted twice
 * @param plannedUsd all of it as planned
 * @param standsUsd all of it as it stands
 * @param parts as they stand, US dollars, those that are anything
 */
public record AccountSum(
    String name,
    int covers,
    double areaHa,
    double plannedUsd,
    double standsUsd,
    Map<MoneyPart, Double> parts) {
  public AccountSum {
    parts = Map.copyOf(parts);
  }

  /**
   * One cover among others.
   *
   * @param areaHa of the piece it stands on
   */
  public record Of(double areaHa, CoverAccount account) {}

  /**
   * {@return sums of covers that have a name in common, what brings most an area first}
   *
   * @param all covers
   * @param cover account and area of one
   * @param name what it has in common with others; empty to leave it out
   * @param <T> a cover as the caller has it
   */
  public static <T> List<AccountSum> by(
      List<T> all, Function<T, Of> cover, Function<T, String> name) {
    Map<String, List<Of>> groups = new LinkedHashMap<>();
    for (T one : all) {
      String key = name.apply(one);
      if (!key.isEmpty()) {
        groups.computeIfAbsent(key, k -> new ArrayList<>()).add(cover.apply(one));
      }
    }
    return groups.entrySet().stream()
        .map(g -> of(g.getKey(), g.getValue()))
        .sorted(
            Comparator.comparingDouble((AccountSum s) -> -s.standsUsd() / s.areaHa())
                .thenComparing(AccountSum::name))
        .toList();
  }

  /**
   * {@return the sum of some covers}
   *
   * @param name what they have in common
   * @param covers the covers
   */
  public static AccountSum of(String name, List<Of> covers) {
    Map<MoneyPart, Double> parts = new LinkedHashMap<>();
    for (MoneyPart part : MoneyPart.values()) {
      double usd = sum(covers, a -> a.stands(part));
      if (usd != 0) {
        parts.put(part, usd);
      }
    }
    return new AccountSum(
        name,
        covers.size(),
        covers.stream().mapToDouble(Of::areaHa).sum(),
        sum(covers, CoverAccount::planned),
        sum(covers, CoverAccount::stands),
        parts);
  }

  private static double sum(List<Of> covers, ToDoubleFunction<CoverAccount> usdPerHa) {
    return covers.stream().mapToDouble(c -> usdPerHa.applyAsDouble(c.account()) * c.areaHa()).sum();
  }
}
