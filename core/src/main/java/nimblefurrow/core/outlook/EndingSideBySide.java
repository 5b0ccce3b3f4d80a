package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import nimblefurrow.core.ending.EndingAdviser;
import nimblefurrow.core.ending.EndingField;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingMethod.EarlyStrips;
import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.InsurerZone;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.ending.WayCost;
import nimblefurrow.core.money.AccountBasis;
import nimblefurrow.core.money.AccountCover;
import nimblefurrow.core.money.CoverAccount;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.units.OwnError;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import org.jspecify.annotations.Nullable;

/**
 * One way of ending a field's cover beside the others: what the model makes of its dated acts in
 * every way the season may go, what it costs, and what it does to planting.
 *
 * @param option whether it fits, when, and why
 * @param barred why it cannot be, when a hard rule stands against it
 * @param endOn the day it was reckoned for
 * @param plantOn the day the next crop can then be planted
 * @param outcome what the model says; null where it has no model of this way
 * @param cost passes and their price
 * @param account of the cover when it is ended so
 * @param lateShare yield lost by planting later than wished, share
 * @param insurerKept whether the insurer's date rule is kept
 * @param insurer the rule and the verdict
 * @param score odds of the goal less money, a hundred dollars per ha for one year in ten; −1 where
 *     not estimated
 */
public record EndingSideBySide(
    EndingOption option,
    @Nullable Reason barred,
    LocalDate endOn,
    LocalDate plantOn,
    @Nullable Outcome outcome,
    WayCost cost,
    CoverAccount account,
    double lateShare,
    boolean insurerKept,
    Reason insurer,
    double score) {

  /** The plan ended so. */
  CoverPlan ending(CoverPlan plan) {
    return plan.ended(endOn, plantOn, option.method().acts(endOn));
  }

  /** {@return what the wait for this ending costs the next crop, $/ha} */
  public double lateUsdPerHa() {
    Double yield = account.planned(MoneyPart.YIELD);
    return yield == null ? 0 : -yield;
  }

  /**
   * Over all years.
   *
   * @param years how many
   * @param groundFit years in which the ground carries on the day of ending
   * @param met years in which the goal is reached
   * @param near how near the middle year comes to it, 0..1
   * @param dead years in which at least 85 % of the plants die
   * @param kill share of the plants that die
   * @param mulch dead cover on the later of ending and planting, Mg/ha
   * @param living cover that lives on, Mg/ha
   * @param soilWaterMm in the ground on planting day
   * @param nitrogenKgPerHa freed for the crop; negative has to be brought forward
   * @param weeksOfCover after planting that hold small weeds back
   * @param takenOff eaten or carried off, Mg/ha
   */
  public record Outcome(
      int years,
      int groundFit,
      int met,
      double near,
      int dead,
      Spread kill,
      Spread mulch,
      Spread living,
      Spread soilWaterMm,
      Spread nitrogenKgPerHa,
      Spread weeksOfCover,
      Spread takenOff) {}

  /** The field and what is wanted of its cover; the next crop may be in the ground already. */
  public record Field(
      CoverPlan plan,
      CropSeasons crop,
      NextCrop next,
      boolean organic,
      Purpose purpose,
      double target,
      LocalDate today,
      @Nullable LocalDate plantedOn,
      AccountBasis basis) {

    EndingRules rules() {
      return basis.rules();
    }

    /** The next crop on the day it was planted, or the first day it still can be. */
    NextCrop coming() {
      LocalDate wish = next.plantOn();
      LocalDate day = plantedOn != null ? plantedOn : wish.isBefore(today) ? today : wish;
      return new NextCrop(next.kind(), day);
    }
  }

  /**
   * {@return all ways, best first; those that do not fit stand last with the reason}
   *
   * @param forecaster runs the model
   * @param f field and its plan
   */
  public static List<EndingSideBySide> of(Forecaster forecaster, Field f) {
    LocalDate seeded = f.plan().seedOn();
    return of(
        forecaster.growing(
            f.plan(),
            f.crop(),
            SeasonColumns.Detail.FULL,
            f.today().isBefore(seeded) ? seeded : f.today()),
        f);
  }

  /** The same from years that have been grown already, in full. */
  static List<EndingSideBySide> of(GrowingYears growing, Field f) {
    List<EndingOption> options =
        EndingAdviser.options(
            new EndingField(f.plan(), f.crop(), growing.runs(), f.coming(), f.organic()));
    return options.parallelStream()
        .map(o -> row(f, growing, o))
        .sorted(
            Comparator.comparing((EndingSideBySide r) -> r.barred() != null)
                .thenComparing(r -> r.outcome() == null)
                .thenComparing(
                    r -> f.purpose() == Purpose.FEED_CATTLE && !r.option().method().feeds())
                // What kills in no year ends nothing; what breaks the insurer's date costs cover.
                .thenComparing(
                    r ->
                        f.purpose() != Purpose.FEED_CATTLE
                            && r.outcome() != null
                            && r.outcome().dead() == 0)
                .thenComparing(r -> !r.insurerKept())
                .thenComparing(r -> -r.score()))
        .toList();
  }

  /**
   * {@return the best of some rows for a purpose: fit, estimated, and doing what the cover is for;
   * cattle are never fed by a herbicide}
   *
   * @param rows rows to choose from
   * @param purpose what the cover is for
   */
  public static Optional<EndingSideBySide> best(List<EndingSideBySide> rows, Purpose purpose) {
    return rows.stream()
        .filter(r -> r.barred() == null && r.outcome() != null)
        .filter(r -> purpose != Purpose.FEED_CATTLE || r.option().method().feeds())
        .findFirst();
  }

  private static EndingSideBySide row(Field f, GrowingYears growing, EndingOption o) {
    EndingDays days = EndingDays.of(o, f.plan(), f.coming(), f.plantedOn() != null, f.today());
    LocalDate endOn = days.endOn();
    LocalDate plantOn = days.plantOn();
    LatePlanting curve = f.rules().late(f.next().kind());
    WayCost cost = f.rules().cost(o.method());
    InsurerZone zone = f.rules().insurer();
    Outcome outcome =
        o.method().modelled()
            ? outcome(f, growing, o.method(), days.ending(f.plan(), o.method()))
            : null;
    CoverAccount account =
        account(f, growing, o.method(), days.ending(f.plan(), o.method()), outcome);
    double score = -1;
    if (outcome != null) {
      // Grazing and haying feed whether or not they kill: another way ends the cover after them.
      boolean feeds = f.purpose() == Purpose.FEED_CATTLE && o.method().feeds();
      int dead = feeds ? outcome.years() : outcome.dead();
      double odds = (double) Math.min(outcome.met(), dead) / outcome.years();
      double usd = -account.weighed(f.purpose() == Purpose.FEED_CATTLE);
      double near = Math.min(outcome.near(), (double) dead / outcome.years());
      score = odds + Weighing.NEAR_COUNTS * near - Weighing.money(usd) - Weighing.costs(o);
    }
    return new EndingSideBySide(
        o,
        barred(f, o, curve, days.lag(), endOn, plantOn),
        endOn,
        plantOn,
        outcome,
        cost,
        account,
        curve.lossShare(plantOn) - curve.lossShare(f.next().plantOn()),
        o.method().ofItself() || zone.kept(endOn, plantOn, f.rules().emergenceDays()),
        o.method().ofItself()
            ? Reason.of("dead long before any insurer's date")
            : zone.say(endOn, plantOn, f.rules().emergenceDays()),
        score);
  }

  /** Of the cover with this ending. */
  private static CoverAccount account(
      Field f, GrowingYears growing, EndingMethod way, CoverPlan plan, @Nullable Outcome outcome) {
    AccountCover.Wait wait = AccountCover.Wait.of(way, plan, f.next(), f.plantedOn(), f.rules());
    return f.basis()
        .planned(
            f.basis()
                .cover(
                    plan.cover(),
                    plan.method(),
                    f.basis().end(way, plan.endOn()),
                    wait,
                    // No model of the way is needed to know what the cover holds by then.
                    Worth.spread(Purpose.MAKE_NITROGEN, plan, growing.runs()),
                    outcome == null || !way.feeds() ? 0 : outcome.takenOff().median()));
  }

  private static @Nullable Reason barred(
      Field f,
      EndingOption o,
      LatePlanting curve,
      PlantingLag lag,
      LocalDate endOn,
      LocalDate plantOn) {
    if (o.fit() == EndingOption.Fit.DOES_NOT) {
      return o.reasons().get(0);
    }
    if (f.plantedOn() != null && !o.method().ofItself() && !lag.holds(endOn, plantOn)) {
      return Reason.of("{crop} is in the ground since {plant}: too late for this way on {end}")
          .with("crop", f.next().kind().label())
          .with("plant", plantOn)
          .with("end", endOn);
    }
    if (f.plantedOn() == null && curve.tooLate(plantOn) && plantOn.isAfter(f.next().plantOn())) {
      return Reason.of("{crop} could not be planted before {plant}; the last day is {last}")
          .with("crop", f.next().kind().label())
          .with("plant", plantOn)
          .with("last", curve.lastOn().atYear(plantOn.getYear()));
    }
    return null;
  }

  private static Outcome outcome(Field f, GrowingYears growing, EndingMethod way, CoverPlan plan) {
    List<EndingMeasure> years = measures(f, growing, plan);
    EarlyStrips strips = way.earlyStrips().orElse(null);
    if (strips != null) {
      LocalDate ahead = plan.plantOn().minusDays(strips.daysAhead());
      LocalDate early = ahead.isBefore(f.today()) ? f.today() : ahead;
      CoverPlan first = plan.ended(early, plan.plantOn(), way.acts(early));
      List<EndingMeasure> rows = measures(f, growing, first);
      List<EndingMeasure> both = new ArrayList<>();
      for (int y = 0; y < years.size(); y++) {
        both.add(years.get(y).mixed(rows.get(y), strips.share()));
      }
      years = both;
    }
    List<EndingMeasure> all = years;
    OwnErrors errors = OwnErrors.of(plan);
    OwnError mass = errors.growth(plan.endOn());
    Spread kill = each(all, EndingMeasure::kill).with(OwnErrors.kill());
    Spread reached = each(all, EndingMeasure::reached).with(Worth.error(f.purpose(), plan));
    Spread mulch = each(all, EndingMeasure::mulchMgPerHa).with(mass);
    Spread living = each(all, EndingMeasure::livingMgPerHa).with(mass);
    return new Outcome(
        all.size(),
        (int) all.stream().filter(m -> m.groundFit() > 0).count(),
        reached.atLeast(f.target()),
        f.purpose() == Purpose.HOLD_SOIL
            ? Maths.clamp((mulch.median() + living.median()) / HOLDS_SOIL_MG)
            : Weighing.near(reached, f.target()),
        kill.atLeast(EndingMeasure.DEAD),
        kill,
        mulch,
        living,
        each(all, EndingMeasure::soilWaterMm),
        each(all, EndingMeasure::nitrogenKgPerHa).with(mass),
        each(all, EndingMeasure::weeksOfCover),
        each(all, EndingMeasure::takenOffMgPerHa).with(mass));
  }

  /**
   * Every way of ending leaves the shade of December as it was; what tells them apart on soil that
   * is to be held is what lies on it at planting. Working value, Mg/ha.
   */
  private static final double HOLDS_SOIL_MG = 2;

  private static List<EndingMeasure> measures(Field f, GrowingYears years, CoverPlan plan) {
    List<SeasonRun> growing = years.runs();
    List<SeasonRun> ended = years.ended(plan.acts());
    return IntStream.range(0, ended.size())
        .mapToObj(
            y ->
                EndingMeasure.of(
                    plan, ended.get(y), growing.get(y), f.purpose(), f.rules().weedMulchMgPerHa()))
        .toList();
  }

  private static Spread each(List<EndingMeasure> all, ToDoubleFunction<EndingMeasure> of) {
    return Spread.of(all.stream().mapToDouble(of).toArray());
  }

  /**
   * {@return what is wanted, and how much of it is enough}
   *
   * @param purpose what the cover is for
   * @param target how much of it is wanted, in its unit
   */
  public static Reason wanted(Purpose purpose, double target) {
    return Reason.of("{measure}: at least {target}")
        .with("measure", purpose.measure())
        .with("target", target, purpose.unit());
  }
}
