package nimblefurrow.core.ending;

import static nimblefurrow.core.units.CsvTable.number;

import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.apache.commons.csv.CSVRecord;

/**
 * The rules of endings that differ from farm to farm: dates of insurers, what late planting costs,
 * what each way costs, what nitrogen costs. All are data a grower may change.
 *
 * @param zone the farm's insurer zone
 * @param zones all zones
 * @param latePlanting by crop
 * @param ways by way
 * @param nitrogenUsdPerKg price of nitrogen
 * @param weedMulchMgPerHa mulch that still holds small weeds back
 * @param emergenceDays usual days from planting to the crop being up
 */
public record EndingRules(
    String zone,
    List<InsurerZone> zones,
    List<LatePlanting> latePlanting,
    List<WayCost> ways,
    double nitrogenUsdPerKg,
    double weedMulchMgPerHa,
    int emergenceDays) {
  private static final String USUAL_ZONE = "4";
  private static final double WEED_MULCH_MG = 4;
  private static final int USUAL_EMERGENCE_DAYS = 8;

  public EndingRules {
    zones = List.copyOf(zones);
    latePlanting = List.copyOf(latePlanting);
    ways = List.copyOf(ways);
    Need.notNegative("nitrogenUsdPerKg", "The price of nitrogen", nitrogenUsdPerKg);
    Need.notNegative("weedMulchMgPerHa", "The mulch that holds weeds", weedMulchMgPerHa);
    if (emergenceDays < 1 || emergenceDays > 40) {
      throw new Refused("emergenceDays", "A crop is up 1 to 40 days after planting.");
    }
    String wanted = zone;
    if (zones.stream().noneMatch(z -> z.zone().equals(wanted))) {
      throw new Refused("zone", "There is no insurer zone “" + zone + "”.");
    }
  }

  /** {@return the rules that ship} */
  public static EndingRules shipped() {
    List<InsurerZone> zones = new ArrayList<>();
    for (CSVRecord r : CsvTable.shipped("insurerzones.csv")) {
      zones.add(
          new InsurerZone(
              r.get("zone"),
              (int) number(r, "latest_days_after_planting"),
              r.get("before_emergence").equals("1"),
              r.get("words")));
    }
    List<LatePlanting> late = new ArrayList<>();
    for (CSVRecord r : CsvTable.shipped("lateplanting.csv")) {
      late.add(
          new LatePlanting(
              r.get("crop"),
              MonthDay.of((int) number(r, "best_until_month"), (int) number(r, "best_until_day")),
              MonthDay.of((int) number(r, "last_month"), (int) number(r, "last_day")),
              List.of(
                  number(r, "loss_10_days"),
                  number(r, "loss_20_days"),
                  number(r, "loss_30_days"),
                  number(r, "loss_45_days")),
              number(r, "yield_mg_per_ha"),
              PriceBook.shipped().usd(LatePlanting.priced(r.get("crop")))));
    }
    List<WayCost> ways = new ArrayList<>();
    for (EndingMethod m : EndingMethods.all()) {
      ways.add(new WayCost(m.key(), m.traits().passes(), m.traits().usdPerHa()));
    }
    return new EndingRules(
        USUAL_ZONE,
        zones,
        late,
        ways,
        PriceBook.shipped().usd(Priced.NITROGEN),
        WEED_MULCH_MG,
        USUAL_EMERGENCE_DAYS);
  }

  /**
   * {@return the same at the prices of a book}
   *
   * @param book prices of the farm
   */
  public EndingRules priced(PriceBook book) {
    return new EndingRules(
        zone,
        zones,
        latePlanting.stream().map(l -> l.sold(book.usd(l.priced()))).toList(),
        ways,
        book.usd(Priced.NITROGEN),
        weedMulchMgPerHa,
        emergenceDays);
  }

  /** {@return the farm's zone} */
  public InsurerZone insurer() {
    return zones.stream().filter(z -> z.zone().equals(zone)).findFirst().orElseThrow();
  }

  /**
   * {@return the curve of a crop; of any other crop when it has none of its own}
   *
   * @param kind kind in question
   */
  public LatePlanting late(NextCrop.Kind kind) {
    return latePlanting.stream()
        .filter(l -> l.crop().equals(kind.key()))
        .findFirst()
        .orElseThrow(
            () -> new Refused("latePlanting", "There is no curve for " + kind.key() + "."));
  }

  /**
   * {@return what a way costs: as the farm says, else as is usual}
   *
   * @param method how it is seeded or ended
   */
  public WayCost cost(EndingMethod method) {
    return ways.stream()
        .filter(w -> w.way().equals(method.key()))
        .findFirst()
        .orElseGet(
            () -> new WayCost(method.key(), method.traits().passes(), method.traits().usdPerHa()));
  }
}
