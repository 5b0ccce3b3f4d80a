package nimblefurrow.phone;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import nimblefurrow.core.load.HirePrice;
import nimblefurrow.core.load.LoadPlan;
import nimblefurrow.core.load.Slurry;
import nimblefurrow.core.load.SplitLoads;
import nimblefurrow.core.seed.PureLiveSeed;
import nimblefurrow.core.setting.Blend;
import nimblefurrow.core.setting.DepthCheck;
import nimblefurrow.core.setting.MeterLimits;
import nimblefurrow.core.setting.Rates;
import nimblefurrow.core.setting.SettingLine;
import nimblefurrow.core.setting.SpreadPattern;
import nimblefurrow.core.units.Refused;

/** Reckoning at the machine; each answers what the server's door of the same name answers. */
final class Bench {
  private Bench() {}

  /** What a door answers, by the last part of its address. */
  static Answer of(String door, Question q) {
    return switch (door) {
      case "catch-test" ->
          new Answer()
              .with(
                  "rateKgPerHa",
                  Rates.caught(
                      q.number("caughtKg"),
                      q.number("openers"),
                      q.number("spacingM"),
                      q.number("distanceM")));
      case "timed-catch" -> timed(q);
      case "setting" -> setting(q);
      case "running-check" -> running(q);
      case "meter-limits" -> limits(q);
      case "seed-depth" -> depth(q);
      case "spread-pattern" -> pattern(q);
      case "blend" -> blend(q);
      case "loads" -> loads(plan(q));
      case "split-loads" -> split(q);
      case "slurry" -> slurry(q);
      case "hire-price" -> hire(q);
      case "germination-count" -> germinated(q);
      case "rows" -> Rows.of(q);
      case "mix" -> Mix.of(q);
      case "partial-budget" -> Money.budget(q);
      case "own-or-hire" -> Money.ownOrHire(q);
      case "grazing" -> Feed.grazing(q);
      case "bales" -> Feed.bales(q);
      case "field-hours" -> Hours.of(q);
      default -> throw new Refused("", "The phone does not reckon “" + door + "”.");
    };
  }

  private static Answer timed(Question q) {
    Rates.Timed t =
        Rates.timed(
            q.number("kgPerMin"),
            q.number("widthM"),
            q.numbers("speedsKmh"),
            q.number("targetKgPerHa"));
    return new Answer()
        .with(
            "rates",
            t.rates().stream()
                .map(
                    r ->
                        new Answer()
                            .with("speedKmh", r.speedKmh())
                            .with("rateKgPerHa", r.rateKgPerHa()))
                .collect(Collectors.toList()))
        .with("speedForTargetKmh", t.speedForTargetKmh())
        .numbers("speedBandKmh", t.speedBandKmh());
  }

  private static List<SettingLine.Try> tries(Question q) {
    return q.parts("tries").stream()
        .map(t -> new SettingLine.Try(t.number("setting"), t.number("rateKgPerHa")))
        .collect(Collectors.toList());
  }

  private static Answer setting(Question q) {
    double target = q.number("targetKgPerHa");
    SettingLine line = SettingLine.through(tries(q), target);
    SettingLine.Answer a = line.forRate(target);
    return new Answer()
        .with("setting", a.setting())
        .with("low", a.low())
        .with("high", a.high())
        .with("extrapolated", a.extrapolated())
        .with("slope", line.slope())
        .with("intercept", line.intercept())
        .with("spreadKgPerHa", line.spreadKgPerHa());
  }

  private static Answer running(Question q) {
    Rates.Running r =
        Rates.running(
            q.number("startKg"),
            q.number("leftKg"),
            q.number("areaHa"),
            q.number("targetKgPerHa"),
            q.or("setting", 1),
            tries(q));
    return new Answer()
        .with("achievedKgPerHa", r.achievedKgPerHa())
        .with("offByFraction", r.offByFraction())
        .with("newSetting", r.newSetting())
        .with("areaLeftHa", r.areaLeftHa())
        .with("areaLeftUnchangedHa", r.areaLeftUnchangedHa());
  }

  private static Answer limits(Question q) {
    MeterLimits m = MeterLimits.of(tries(q), q.number("targetKgPerHa"));
    return new Answer()
        .with("lowestKgPerHa", m.lowestKgPerHa())
        .with("highestKgPerHa", m.highestKgPerHa())
        .with("holds", m.holds())
        .reasons("waysOut", m.waysOut());
  }

  private static Answer depth(Question q) {
    DepthCheck d = DepthCheck.of(q.numbers("depthsMm"), q.number("lowMm"), q.number("highMm"));
    return new Answer()
        .with("meanMm", d.meanMm())
        .with("shareInside", d.shareInside())
        .with("low", d.low())
        .with("high", d.high());
  }

  private static Answer pattern(Question q) {
    SpreadPattern p =
        SpreadPattern.of(q.number("traySpacingM"), q.numbers("traysG"), q.number("maxCv"));
    return new Answer()
        .with(
            "swaths",
            p.swaths().stream()
                .map(
                    s ->
                        new Answer()
                            .with("swathM", s.swathM())
                            .with("oneWayCv", s.oneWayCv())
                            .with("backAndForthCv", s.backAndForthCv()))
                .collect(Collectors.toList()))
        .with(
            "goodSwathM",
            new Answer()
                .with("oneWay", p.goodSwathM().oneWay())
                .with("backAndForth", p.goodSwathM().backAndForth()))
        .with("skew", p.skew())
        .with("meanG", p.meanG());
  }

  private static Answer blend(Question q) {
    Blend b =
        Blend.of(
            q.number("seedKgPerHa"),
            q.number("fertiliserKgPerHa"),
            q.number("batchKg"),
            q.number("hours"),
            q.number("seedDensityKgPerM3"),
            q.number("fertiliserDensityKgPerM3"));
    return new Answer()
        .with("totalKgPerHa", b.totalKgPerHa())
        .with("seedKgPerTonne", b.seedKgPerTonne())
        .with("seedShare", b.seedShare())
        .with("batchSeedKg", b.batchSeedKg())
        .with("batchFertiliserKg", b.batchFertiliserKg())
        .reasons("cautions", b.cautions());
  }

  private static LoadPlan.Carrier carrier(Question q) {
    return new LoadPlan.Carrier(
        q.number("hopperM3"),
        q.or("fillFactor", 1),
        q.maybe("payloadLimitKg"),
        q.number("swathM"),
        q.number("speedMPerS"),
        q.or("turnS", 0),
        q.or("refillS", 0),
        q.or("ferryM", 0),
        q.or("ferrySpeedMPerS", q.number("speedMPerS")),
        q.maybe("batteryMin"));
  }

  private static LoadPlan plan(Question q) {
    return LoadPlan.of(
        q.number("areaHa"),
        q.number("rateKgPerHa"),
        q.number("bulkDensityKgPerM3"),
        q.number("passLengthM"),
        carrier(q));
  }

  private static Answer loads(LoadPlan p) {
    Integer batteries = p.batteries();
    return new Answer()
        .with("bindingLimit", p.bindingLimit().name().toLowerCase(Locale.ROOT))
        .with("mostKg", p.mostKg())
        .with("kgPerLoad", p.kgPerLoad())
        .with("haPerLoad", p.haPerLoad())
        .with("loads", (double) p.loads())
        .with("legs", 2.0 * p.loads())
        .with("seedKg", p.seedKg())
        .with("passes", (double) p.passes())
        .with(
            "minutes",
            new Answer()
                .with("pass", p.minutes().pass())
                .with("turn", p.minutes().turn())
                .with("ferry", p.minutes().ferry())
                .with("refill", p.minutes().refill()))
        .with("haPerHour", p.haPerHour())
        .with("batteries", batteries == null ? null : Double.valueOf(batteries))
        .reasons("notes", p.notes());
  }

  private static Answer split(Question q) {
    Question c = q.part("carrier");
    SplitLoads s =
        SplitLoads.of(
            c.number("areaHa"),
            q.parts("seeds").stream()
                .map(
                    o ->
                        new SplitLoads.Seed(
                            o.number("rateKgPerHa"), o.number("bulkDensityKgPerM3")))
                .collect(Collectors.toList()),
            c.number("passLengthM"),
            carrier(c));
    return new Answer()
        .with("mixed", loads(s.mixed()))
        .with("split", s.split().stream().map(Bench::loads).collect(Collectors.toList()))
        .with("extraMinutes", s.extraMinutes());
  }

  private static Answer slurry(Question q) {
    Slurry s = Slurry.of(q.number("rateKgPerHa"), q.number("slurryM3PerHa"), q.number("tankM3"));
    return new Answer()
        .with("seedKgPerM3", s.seedKgPerM3())
        .with("seedKgPerTank", s.seedKgPerTank())
        .with("haPerTank", s.haPerTank());
  }

  private static Answer hire(Question q) {
    HirePrice p =
        HirePrice.of(
            q.number("areaHa"),
            q.number("rateKgPerHa"),
            q.number("haPerHour"),
            new HirePrice.Tariff(
                q.number("pricePerHa"),
                q.number("pricePerHour"),
                q.number("weightLimitKgPerHa"),
                q.or("minimumCharge", 0),
                q.or("ferryKm", 0),
                q.or("pricePerKm", 0)));
    return new Answer()
        .with("basis", p.basis().name().toLowerCase(Locale.ROOT))
        .with("hours", p.hours())
        .with("work", p.work())
        .with("ferry", p.ferry())
        .with("charge", p.charge())
        .with("minimumApplied", p.minimumApplied())
        .with("breakEvenHaPerHour", p.breakEvenHaPerHour());
  }

  private static Answer germinated(Question q) {
    PureLiveSeed.CountOut c =
        PureLiveSeed.CountOut.of(
            (int) q.number("germinated"), (int) q.number("tested"), q.number("confidence"));
    return new Answer()
        .with("germination", c.germination())
        .with("low", c.low())
        .with("high", c.high());
  }
}
