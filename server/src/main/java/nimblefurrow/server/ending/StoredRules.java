package nimblefurrow.server.ending;

import java.time.MonthDay;
import java.util.List;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.server.support.Stored;
import org.mapstruct.Mapper;
import org.mapstruct.factory.Mappers;

/**
 * A farm's rules as {@code farm_rules} keeps them; parts and units as of {@link EndingRules}, whose
 * prices stand in the price book.
 */
record StoredRules(
    String zone,
    List<Zone> zones,
    List<Late> latePlanting,
    List<Cost> ways,
    double weedMulchMgPerHa,
    int emergenceDays) {
  static final Shape SHAPE = Mappers.getMapper(Shape.class);

  record Zone(String zone, int latestDaysAfterPlanting, boolean beforeEmergence, String words) {}

  record Late(
      String crop,
      MonthDay bestUntil,
      MonthDay lastOn,
      List<Double> lossShares,
      double yieldMgPerHa) {}

  record Cost(String way, String passes, double usdPerHa) {}

  /** From and to the rules as they are sent. */
  @Mapper(config = Stored.class)
  interface Shape {
    StoredRules store(RulesBody rules);

    RulesBody read(StoredRules stored);
  }
}
