package nimblefurrow.core.money;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.feed.GrazingDays;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.record.MoneyWay;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * What a cover costs and brings: as planned, and what it came to.
 *
 * @param lines in the order of their parts
 */
public record CoverAccount(List<AccountLine> lines) {
  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;
  private static final double KG_PER_MG = 1000;
  private static final List<MoneyPart> SPENT =
      List.of(MoneyPart.SEED, MoneyPart.SEEDING, MoneyPart.ENDING, MoneyPart.PASSES);

  /** A cover is dead or a crop's weed after so many days. Working value. */
  private static final int PASS_DAYS = 45;

  public CoverAccount {
    lines = List.copyOf(lines);
  }

  /**
   * {@return the account of a cover}
   *
   * @param cover as it is planned
   * @param came what came of it
   * @param prices of the farm
   */
  public static CoverAccount of(AccountCover cover, CameOf came, PriceBook prices) {
    List<AccountLine> all = new ArrayList<>();
    all.add(seed(cover, came.seeded()));
    all.add(seeding(cover, came.seeded()));
    add(all, sideDress(cover, came.seeded(), prices));
    all.add(ending(cover, came.ended()));
    came.passes().forEach(p -> all.add(pass(p, prices)));
    add(all, nitrogen(cover, came, prices));
    add(all, delayed(cover, came));
    add(all, feed(cover, came, prices));
    all.addAll(came.own());
    return new CoverAccount(
        billed(all, came, cover.areaHa()).stream()
            .sorted(Comparator.comparing(AccountLine::part))
            .toList());
  }

  private static void add(List<AccountLine> all, @Nullable AccountLine line) {
    if (line != null) {
      all.add(line);
    }
  }

  private static AccountLine seed(AccountCover cover, CameOf.@Nullable Seeded seeded) {
    List<CoverComponent> counts = seeded == null ? cover.seed() : seeded.seed();
    double rate = CoverComponent.rate(counts);
    Reason words =
        rate > 0
            ? Reason.of("{rate} at {price}")
                .with("rate", rate, Unit.KG_PER_HA)
                .with("price", seedUsd(counts) / rate, Unit.USD_PER_KG)
            : Reason.of("no seed");
    return new AccountLine(
        MoneyPart.SEED,
        words,
        -seedUsd(cover.seed()),
        seeded == null ? null : -seedUsd(seeded.seed()));
  }

  private static double seedUsd(List<CoverComponent> seed) {
    return seed.stream().mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg()).sum();
  }

  private static AccountLine seeding(AccountCover cover, CameOf.@Nullable Seeded seeded) {
    Machine meant = cover.seeder();
    Double planned =
        meant == null ? null : -meant.seedingUsd(cover.areaHa(), cover.seed()) / cover.areaHa();
    if (seeded == null) {
      return new AccountLine(MoneyPart.SEEDING, by(meant, cover, null), planned, null);
    }
    Machine with = seeded.with() == null ? meant : seeded.with();
    Double came = null;
    if (with != null) {
      Double said = seeded.hours();
      double hours = said == null ? with.seedingHours(cover.areaHa(), seeded.seed()) : said;
      came = -with.usd(cover.areaHa(), hours, CoverComponent.rate(seeded.seed())) / cover.areaHa();
    }
    return new AccountLine(MoneyPart.SEEDING, by(with, cover, seeded.hours()), planned, came);
  }

  private static Reason by(@Nullable Machine machine, AccountCover cover, @Nullable Double said) {
    if (machine == null) {
      return Reason.of("no machine of the shed seeds so");
    }
    double hours = said == null ? machine.seedingHours(cover.areaHa(), cover.seed()) : said;
    return Reason.of("{machine}, {hours}")
        .with("machine", machine.name())
        .with("hours", hours, Unit.HOURS);
  }

  /** A crop that is side-dressed by the pass that seeds needs no pass of its own for it. */
  private static @Nullable AccountLine sideDress(
      AccountCover cover, CameOf.@Nullable Seeded seeded, PriceBook prices) {
    boolean came = seeded != null && seeded.sideDressed();
    if (!cover.sideDressed() && !came) {
      return null;
    }
    double saved = prices.usd(Priced.SPREADING);
    return new AccountLine(
        MoneyPart.PASSES,
        Reason.of(
            seeded == null || came
                ? "side-dress goes out in the same pass: one pass of the spreader saved"
                : "side-dress was to go out in the same pass, and did not"),
        cover.sideDressed() ? saved : null,
        seeded == null ? null : came ? saved : 0);
  }

  private static AccountLine ending(AccountCover cover, CameOf.@Nullable Ended ended) {
    String passes = ended == null ? cover.end().cost().passes() : ended.cost().passes();
    return new AccountLine(
        MoneyPart.ENDING,
        Reason.of(passes.isEmpty() ? "no pass" : passes),
        less(cover.end().cost().usdPerHa()),
        ended == null ? null : less(ended.cost().usdPerHa()));
  }

  private static AccountLine pass(CameOf.Pass pass, PriceBook prices) {
    Priced what =
        switch (pass.kind()) {
          case ROLLED -> Priced.ROLLING;
          case MOWED -> Priced.MOWING;
          case TILLED -> Priced.TILLAGE;
          default -> Priced.SPRAYING;
        };
    return new AccountLine(
        MoneyPart.PASSES,
        Reason.of("{what} on {day}, after its ending")
            .with("what", pass.kind().label())
            .with("day", pass.on()),
        null,
        less(prices.usd(what)));
  }

  private static @Nullable AccountLine nitrogen(AccountCover cover, CameOf came, PriceBook prices) {
    Spread freed = cover.nitrogenKgPerHa();
    if (freed == null) {
      return null;
    }
    double price = prices.usd(Priced.NITROGEN);
    double worth = freed.median() * price;
    return new AccountLine(
        MoneyPart.NITROGEN,
        Reason.of(
                freed.median() < 0
                    ? "{middle} freed: that much is tied up ({low} to {high} in eight years of ten),"
                        + " at {price}"
                    : "{middle} freed ({low} to {high} in eight years of ten), at {price}")
            .with("middle", freed.median(), Unit.KG_PER_HA)
            .with("low", freed.quantile(LOW), Unit.KG_PER_HA)
            .with("high", freed.quantile(HIGH), Unit.KG_PER_HA)
            .with("price", price, Unit.USD_PER_KG),
        worth,
        came.ended() == null ? null : worth);
  }

  private static @Nullable AccountLine delayed(AccountCover cover, CameOf came) {
    AccountCover.Wait wait = cover.follows();
    if (wait == null) {
      return null;
    }
    CameOf.Ended ended = came.ended();
    double planned = wait.usdPerHa(cover.end().on());
    LocalDate endOn = ended == null ? cover.end().on() : ended.on();
    AccountCover.Wait waits = ended == null ? wait : wait.after(ended.lag());
    double now = waits.usdPerHa(endOn);
    if (planned == 0 && now == 0) {
      return null;
    }
    return new AccountLine(
        MoneyPart.YIELD,
        Reason.of("planting waits for it until {day}, {days} later than wished")
            .with("day", waits.plantOn(endOn))
            .with("days", ChronoUnit.DAYS.between(wait.wish(), waits.plantOn(endOn)), Unit.DAYS),
        less(planned),
        ended == null ? null : less(now));
  }

  private static @Nullable AccountLine feed(AccountCover cover, CameOf came, PriceBook prices) {
    boolean grazed = came.animalDays() > 0;
    if (cover.feedMgPerHa() <= 0 && !grazed) {
      return null;
    }
    Priced what = cover.end().way().baled() && !grazed ? Priced.HAY : Priced.STANDING_FEED;
    double price = prices.usd(what);
    double eaten = GrazingDays.eatenKg(came.animalDays()) / KG_PER_MG / cover.areaHa();
    return new AccountLine(
        MoneyPart.FEED,
        grazed
            ? Reason.of("{days} of one animal, {eaten} of dry feed, at {price}")
                .with("days", came.animalDays(), Unit.DAYS)
                .with("eaten", eaten, Unit.MG_PER_HA)
                .with("price", price, Unit.USD_PER_MG)
            : Reason.of("{feed} in the middle year, at {price}")
                .with("feed", cover.feedMgPerHa(), Unit.MG_PER_HA)
                .with("price", price, Unit.USD_PER_MG),
        cover.feedMgPerHa() > 0 ? cover.feedMgPerHa() * price : null,
        grazed ? eaten * price : null);
  }

  /**
   * What is billed for a part is what the part came to; what is reckoned of it gives way. A payment
   * that no bill asked for counts as it is.
   */
  private static List<AccountLine> billed(List<AccountLine> lines, CameOf came, double areaHa) {
    List<CameOf.Booked> bookings = came.bookings();
    Map<MoneyPart, Double> billed = new EnumMap<>(MoneyPart.class);
    for (CameOf.Booked b : bookings) {
      if (b.booking().bill()) {
        billed.merge(b.part(), signed(b.booking()), Double::sum);
      }
    }
    for (Owed.Account a : Owed.of(bookings.stream().map(CameOf.Booked::booking).toList())) {
      if (a.openCents() < 0) {
        double usd = -a.openUsd();
        boolean paid = a.way() == MoneyWay.IS_PAID;
        billed.merge(paid ? MoneyPart.PAYMENT : MoneyPart.OTHER, paid ? usd : -usd, Double::sum);
      }
    }
    List<AccountLine> all = new ArrayList<>();
    for (AccountLine l : lines) {
      // What the farm wrote down by itself stands beside a bill.
      boolean said = l.id() != null && l.came() != null;
      all.add(billed.containsKey(l.part()) && !said ? l.coming(0) : l);
    }
    billed.forEach(
        (part, usd) ->
            all.add(
                new AccountLine(
                    part,
                    Reason.of("{usd} in all by its bills and payments")
                        .with("usd", Math.abs(usd), Unit.USD_CENTS),
                    null,
                    usd / areaHa)));
    return all;
  }

  private static double signed(Owed.Booking b) {
    return b.way() == MoneyWay.IS_PAID ? b.usd() : -b.usd();
  }

  /** Nought, not less than nought. */
  private static double less(double usd) {
    return usd == 0 ? 0 : -usd;
  }

  /**
   * {@return whether a pass still is the cover's: what is done later is the next crop's}
   *
   * @param endedOn the day the cover was ended
   * @param day day of the pass
   */
  public static boolean countsAfter(LocalDate endedOn, LocalDate day) {
    return day.isAfter(endedOn) && !day.isAfter(endedOn.plusDays(PASS_DAYS));
  }

  /** {@return all of it as planned, $/ha} */
  public double planned() {
    return lines.stream()
        .map(AccountLine::planned)
        .filter(Objects::nonNull)
        .mapToDouble(Double::doubleValue)
        .sum();
  }

  /**
   * {@return a part of it as planned, $/ha; null where none is}
   *
   * @param part what it is for
   */
  public @Nullable Double planned(MoneyPart part) {
    return lines.stream()
        .filter(l -> l.part() == part)
        .map(AccountLine::planned)
        .filter(Objects::nonNull)
        .reduce(Double::sum)
        .orElse(null);
  }

  /** {@return all of it as it stands: what it came to, the rest as planned, $/ha} */
  public double stands() {
    return lines.stream().mapToDouble(AccountLine::stands).sum();
  }

  /** {@return whether all that was planned has come} */
  public boolean closed() {
    return lines.stream().allMatch(l -> l.came() != null);
  }

  /**
   * {@return a part of it as it stands, $/ha}
   *
   * @param part what it is for
   */
  public double stands(MoneyPart part) {
    return lines.stream().filter(l -> l.part() == part).mapToDouble(AccountLine::stands).sum();
  }

  /**
   * {@return what goes out for seed, seeding, ending and passes as it stands, $/ha: what a strip
   * tells by itself, such as the yield behind it, is left out}
   */
  public double spent() {
    return 0 - SPENT.stream().mapToDouble(this::stands).sum();
  }

  /**
   * {@return what weighs when covers or endings are compared, $/ha: all of it as planned, but feed
   * only where the cover is there to feed; not everyone has animals or a buyer}
   *
   * @param feeds whether it is there to feed
   */
  public double weighed(boolean feeds) {
    Double feed = planned(MoneyPart.FEED);
    return planned() - (feeds || feed == null ? 0 : feed);
  }

  /** {@return what it costs as planned, without what it brings, $/ha} */
  public double plannedCost() {
    return lines.stream()
        .map(AccountLine::planned)
        .filter(p -> p != null && p < 0)
        .mapToDouble(p -> -p)
        .sum();
  }
}
