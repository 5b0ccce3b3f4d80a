package nimblefurrow.server.ending;

import java.time.MonthDay;
import java.util.List;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.InsurerZone;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.WayCost;
import nimblefurrow.core.price.PriceBook;

/**
 * A farm's rules as they go over the wire; parts and units as of {@link EndingRules}. Prices are
 * the price book's.
 */
record RulesBody(
    String zone,
    List<InsurerZone> zones,
    List<Late> latePlanting,
    List<WayCost> ways,
    double weedMulchMgPerHa,
    int emergenceDays) {

  /** What late planting costs a crop; see {@link LatePlanting}. */
  record Late(
      String crop,
      MonthDay bestUntil,
      MonthDay lastOn,
      List<Double> lossShares,
      double yieldMgPerHa) {}

  static RulesBody of(EndingRules r) {
    return new RulesBody(
        r.zone(),
        r.zones(),
        r.latePlanting().stream()
            .map(
                l ->
                    new Late(l.crop(), l.bestUntil(), l.lastOn(), l.lossShares(), l.yieldMgPerHa()))
            .toList(),
        r.ways(),
        r.weedMulchMgPerHa(),
        r.emergenceDays());
  }

  /** The rules at the prices of a book. */
  EndingRules at(PriceBook book) {
    List<LatePlanting> late =
        latePlanting.stream()
            .map(
                l ->
                    new LatePlanting(
                        l.crop(), l.bestUntil(), l.lastOn(), l.lossShares(), l.yieldMgPerHa(), 0))
            .toList();
    return new EndingRules(zone, zones, late, ways, 0, weedMulchMgPerHa, emergenceDays)
        .priced(book);
  }
}
