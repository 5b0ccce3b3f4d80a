package nimblefurrow.core.ending;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What a farm's own harvests of a crop brought.
 *
 * @param crop key of the kind of crop
 * @param harvests how many were measured
 * @param yieldMgPerHa their mean
 */
public record OwnYield(String crop, int harvests, double yieldMgPerHa) {
  /** Fewer harvests than this say nothing of what is usual. Working value. */
  public static final int FEWEST = 3;

  /**
   * A harvest that was measured.
   *
   * @param crop key of the kind of crop
   * @param yieldMgPerHa what came off
   */
  public record Harvest(String crop, double yieldMgPerHa) {}

  /**
   * {@return what is usual of each crop with enough harvests}
   *
   * @param harvests of all fields and years
   */
  public static List<OwnYield> of(List<Harvest> harvests) {
    Map<String, List<Harvest>> byCrop =
        harvests.stream().collect(Collectors.groupingBy(Harvest::crop));
    return byCrop.entrySet().stream()
        .filter(c -> c.getValue().size() >= FEWEST)
        .sorted(Map.Entry.comparingByKey())
        .map(
            c ->
                new OwnYield(
                    c.getKey(),
                    c.getValue().size(),
                    c.getValue().stream()
                        .mapToDouble(Harvest::yieldMgPerHa)
                        .average()
                        .orElseThrow()))
        .toList();
  }

  /**
   * {@return rules with what a farm's own harvests brought}
   *
   * @param rules that stand; yields of crops without enough harvests stay theirs
   * @param own by crop
   */
  public static EndingRules in(EndingRules rules, List<OwnYield> own) {
    return new EndingRules(
        rules.zone(),
        rules.zones(),
        rules.latePlanting().stream().map(l -> in(l, own)).toList(),
        rules.ways(),
        rules.nitrogenUsdPerKg(),
        rules.weedMulchMgPerHa(),
        rules.emergenceDays());
  }

  private static LatePlanting in(LatePlanting l, List<OwnYield> own) {
    return own.stream()
        .filter(o -> o.crop().equals(l.crop()))
        .findFirst()
        .map(
            o ->
                new LatePlanting(
                    l.crop(),
                    l.bestUntil(),
                    l.lastOn(),
                    l.lossShares(),
                    o.yieldMgPerHa(),
                    l.usdPerMg()))
        .orElse(l);
  }
}
