package nimblefurrow.core.trial;

import java.util.List;

/**
 * What a treatment brings beside the first one: what comes off more at its price, less what it
 * costs more. A partial budget with yield the one uncertain item.
 *
 * @param treatment of which it is
 * @param usdPerHa beside the first
 * @param low with the confidence of the trial it is not less
 * @param high nor more
 */
public record Pay(String treatment, double usdPerHa, double low, double high) {
  /**
   * {@return of each treatment but the first what it brings}
   *
   * @param trial what strips say of yield, Mg/ha
   * @param usdPerMg price of what comes off
   * @param costUsdPerHa cost of each treatment, in their order
   */
  public static List<Pay> of(BlockTrial trial, double usdPerMg, List<Double> costUsdPerHa) {
    String first = trial.treatments().get(0).name();
    return trial.differences().stream()
        .filter(d -> d.a().equals(first))
        .map(d -> of(d, usdPerMg, costUsdPerHa.get(0) - costUsdPerHa.get(place(trial, d.b()))))
        .toList();
  }

  /** A difference is the first less the other; what is saved is the first's cost less its. */
  private static Pay of(BlockTrial.Difference d, double usdPerMg, double saved) {
    return new Pay(
        d.b(),
        saved - d.difference() * usdPerMg,
        saved - d.high() * usdPerMg,
        saved - d.low() * usdPerMg);
  }

  private static int place(BlockTrial trial, String name) {
    return trial.treatments().stream().map(BlockTrial.Treatment::name).toList().indexOf(name);
  }
}
