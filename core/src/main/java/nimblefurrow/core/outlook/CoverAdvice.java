package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.money.AccountBasis;
import nimblefurrow.core.money.CoverAccount;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.Interseeded;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * Which covers suit a field and a reason. Hard rules put a cover last with the reason why not; the
 * rest rank by the odds that it does what it is for, less what it costs in all. Nothing is hidden.
 */
public final class CoverAdvice {
  private static final int ROLL_TO_PLANT_DAYS = 14;
  private static final int LATER_DAYS = 14;
  private static final int EARLIER_DAYS = 21;

  /** What seven years of ten bring at least. */
  private static final double SURELY = 0.3;

  /** Less than so much of a target is as good as nothing. */
  private static final double WORTH_SAYING = 0.05;

  private final Forecaster forecaster;
  private final CarryOver carryOver;

  public CoverAdvice(Forecaster forecaster, CarryOver carryOver) {
    this.forecaster = forecaster;
    this.carryOver = carryOver;
  }

  /** The field as it stands. */
  public record Field(
      Soil soil,
      FieldStart start,
      CropSeasons crop,
      WindowFinder windows,
      NextCrop next,
      boolean organic,
      LocalDate today,
      List<CarryOver.Sprayed> sprayed,
      List<SeedingMethod> atHand,
      AccountBasis basis) {
    public Field {
      sprayed = List.copyOf(sprayed);
      atHand = List.copyOf(atHand);
    }
  }

  /**
   * A cover to think of.
   *
   * @param name in words
   * @param species its species
   * @param shares of each species' full rate
   */
  public record Candidate(String name, List<Species> species, List<Double> shares) {
    public Candidate {
      species = List.copyOf(species);
      shares = List.copyOf(shares);
    }

    List<CoverComponent> cover(SeedingMethod method) {
      List<CoverComponent> all = new ArrayList<>();
      for (int i = 0; i < species.size(); i++) {
        double full = method.rateBasis().of(species.get(i)).typical();
        double rate = full * shares.get(i);
        double most = species.size() > 1 ? species.get(i).seed().mixCapKgPerHa() : rate;
        all.add(CoverComponent.of(species.get(i), Math.min(rate, most)));
      }
      return all;
    }
  }

  /**
   * What is said of one cover.
   *
   * @param candidate which
   * @param excluded why it cannot be, when it cannot
   * @param plan as it would be seeded and ended; null when there is no way to seed it
   * @param ending how it would end; null likewise
   * @param met years in which it does what it is for
   * @param years all years
   * @param near how near the middle year comes to the target, 0..1
   * @param account what it costs and brings; null where there is no way to seed or end it
   * @param weighed what of that counts against other covers, $/ha
   * @param reasons for and against, most telling first
   */
  public record Advice(
      Candidate candidate,
      @Nullable Reason excluded,
      @Nullable CoverPlan plan,
      @Nullable EndingOption ending,
      int met,
      int years,
      double near,
      @Nullable CoverAccount account,
      double weighed,
      List<Reason> reasons) {
    public Advice {
      reasons = List.copyOf(reasons);
    }

    double score() {
      return (double) met / Math.max(1, years)
          + Weighing.NEAR_COUNTS * near
          + Weighing.money(weighed);
    }
  }

  /**
   * {@return all candidates, best first}
   *
   * @param field field asked about
   * @param purpose what the cover is for
   * @param candidates covers to rank
   */
  public List<Advice> rank(Field field, Purpose purpose, List<Candidate> candidates) {
    return candidates.parallelStream()
        .map(c -> advise(field, purpose, c))
        .sorted(
            Comparator.comparing((Advice a) -> a.excluded() != null).thenComparing(a -> -a.score()))
        .toList();
  }

  private Advice advise(Field field, Purpose purpose, Candidate candidate) {
    List<Species> species = candidate.species();
    Optional<Window> found =
        field.atHand().stream()
            .map(m -> field.windows().find(species, m, field.soil()))
            .filter(w -> w.possible() && !w.closes().day().isBefore(field.today()))
            .min(Comparator.comparing(w -> start(w, field)));
    if (found.isEmpty()) {
      return none(candidate, shut(field, species));
    }
    Window window = found.get();
    LocalDate seedOn = start(window, field);
    LocalDate measured = LocalDate.of(field.next().plantOn().getYear() - 1, 12, 1);
    if (purpose == Purpose.HOLD_SOIL && !seedOn.isBefore(measured)) {
      return none(
          candidate,
          Reason.of("seeded on {day} it comes too late: this reason is looked at on {measured}")
              .with("day", seedOn)
              .with("measured", measured));
    }
    List<CoverComponent> cover = candidate.cover(window.method());
    CoverPlan first =
        new CoverPlan(
            field.soil(),
            field.start(),
            cover,
            window.method(),
            seedOn,
            field.next().plantOn(),
            field.next().plantOn());
    GrowingYears growing =
        forecaster.growing(first, field.crop(), SeasonColumns.Detail.FULL, first.seedOn());
    EndingSideBySide best = best(first, field, purpose, growing);
    EndingOption ending = best == null ? null : best.option();
    List<Reason> risks = carryOver.risks(field.sprayed(), species, seedOn);
    CoverPlan plan = best == null ? first : best.ending(first);
    Spread does =
        Worth.spread(
            purpose, plan, best == null ? growing.runs() : growing.runsFor(purpose, plan.acts()));
    int met = does.atLeast(purpose.target());
    double near = Weighing.near(does, purpose.target());
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of("{measure} reaches {target} in {met} of {years} years, middle {middle}")
            .with("measure", purpose.measure())
            .with("target", purpose.target(), purpose.unit())
            .with("met", met, Unit.COUNT)
            .with("years", does.years(), Unit.COUNT)
            .with("middle", does.median(), purpose.unit()));
    if (met == 0) {
      reasons.add(
          Reason.of(
                  "nothing reaches it here with this cover; the middle year comes to {near} of it")
              .with("near", near, Unit.SHARE));
    }
    reasons.add(
        Reason.of("{method} about {day}")
            .with("method", window.method().label())
            .with("day", seedOn));
    if (window.method().underCrop()) {
      species.stream().map(Interseeded::say).flatMap(Optional::stream).forEach(reasons::add);
    }
    if (ending != null) {
      reasons.add(
          Reason.of(
                  ending.fit() == EndingOption.Fit.FITS
                      ? "it can end so: {way}, {from} to {to}"
                      : "it can end with care: {way}, {from} to {to}")
              .with("way", ending.method().label())
              .with("from", ending.from())
              .with("to", ending.to()));
    }
    Reason excluded =
        ending == null
            ? purpose == Purpose.FEED_CATTLE
                ? Reason.of("there is too little of it to graze or to bale before planting")
                : field.organic()
                    ? Reason.of("nothing but a herbicide ends it here, and the field is organic")
                    : Reason.of("no way of ending it fits this field")
            : risks.isEmpty() ? bridge(field, species, ending) : risks.get(0);
    CoverAccount account = best == null ? null : best.account();
    if (account != null) {
      reasons.add(comesTo(account));
    }
    double weighed = account == null ? 0 : account.weighed(purpose == Purpose.FEED_CATTLE);
    return new Advice(
        candidate, excluded, plan, ending, met, does.years(), near, account, weighed, reasons);
  }

  private static Reason comesTo(CoverAccount account) {
    double seed = -account.stands(MoneyPart.SEED);
    double net = account.planned();
    return Reason.of(
            net > 0
                ? "as planned it brings {net} in all, after {seed} for seed"
                : "as planned it costs {net} in all, {seed} of it seed")
        .with("net", Math.abs(net), Unit.USD_PER_HA)
        .with("seed", seed, Unit.USD_PER_HA);
  }

  /**
   * {@return what would reach the purpose where no cover does: the nearest one seeded earlier, or
   * left to grow for longer; and what it brings surely} Nothing where some cover reaches it.
   *
   * @param field field asked about
   * @param purpose what the cover is for
   * @param ranked covers as ranked
   */
  public List<Reason> whatWould(Field field, Purpose purpose, List<Advice> ranked) {
    if (ranked.stream().anyMatch(a -> a.excluded() == null && a.met() > 0)) {
      return List.of();
    }
    Advice nearest =
        ranked.stream()
            .filter(a -> a.excluded() == null)
            .max(Comparator.comparingDouble(Advice::near))
            .orElse(null);
    CoverPlan plan = nearest == null ? null : nearest.plan();
    EndingOption ending = nearest == null ? null : nearest.ending();
    if (nearest == null || plan == null || ending == null) {
      return List.of(Reason.of("no cover fits this field for this reason now"));
    }
    LocalDate end = plan.endOn().plusDays(LATER_DAYS);
    CoverPlan later =
        plan.ended(end, plan.plantOn().plusDays(LATER_DAYS), ending.method().acts(end));
    List<Reason> all = new ArrayList<>();
    double surely = does(field, purpose, plan).quantile(SURELY);
    String brings =
        surely >= WORTH_SAYING * purpose.target() ? ", {surely} or more in 7 years of 10" : "";
    all.add(
        Reason.of("nothing reaches this here and now; {cover} comes nearest" + brings)
            .with("cover", nearest.candidate().name())
            .with("surely", surely, purpose.unit()));
    would(
        all,
        Reason.of("ended and planted {days} later it would in {met} of {years} years")
            .with("days", LATER_DAYS, Unit.DAYS),
        does(field, purpose, later).atLeast(purpose.target()),
        nearest.years());
    would(
        all,
        Reason.of("had it been seeded {days} earlier it would in {met} of {years} years")
            .with("days", EARLIER_DAYS, Unit.DAYS),
        does(field, purpose, plan.seededOn(plan.seedOn().minusDays(EARLIER_DAYS)))
            .atLeast(purpose.target()),
        nearest.years());
    if (all.size() == 1) {
      all.add(
          Reason.of(
              "nor would it seeded earlier or ended later: another reason, or a smaller one"));
    }
    return all;
  }

  private static void would(List<Reason> all, Reason how, int met, int years) {
    if (met > 0) {
      all.add(how.with("met", met, Unit.COUNT).with("years", years, Unit.COUNT));
    }
  }

  private Spread does(Field field, Purpose purpose, CoverPlan plan) {
    return Worth.spread(purpose, plan, forecaster.runsFor(purpose, plan, field.crop()));
  }

  /** The way of ending that is told for it once it is planned; null where none fits. */
  private static @Nullable EndingSideBySide best(
      CoverPlan first, Field field, Purpose purpose, GrowingYears growing) {
    return EndingSideBySide.best(
            EndingSideBySide.of(
                growing,
                new EndingSideBySide.Field(
                    first,
                    field.crop(),
                    field.next(),
                    field.organic(),
                    purpose,
                    purpose.target(),
                    field.today(),
                    null,
                    field.basis())),
            purpose)
        .orElse(null);
  }

  /** A grass that stands until the last two weeks before a grass crop carries its diseases over. */
  private static @Nullable Reason bridge(Field field, List<Species> species, EndingOption ending) {
    boolean wheat = species.stream().anyMatch(s -> s.sprayKind().equals("wheat"));
    boolean grain = field.next().kind() == NextCrop.Kind.OTHER;
    if (wheat
        && grain
        && ending.to().isAfter(field.next().plantOn().minusDays(ROLL_TO_PLANT_DAYS))) {
      return Reason.of("a wheat cover up to planting a grain carries its diseases over");
    }
    return null;
  }

  private static LocalDate start(Window w, Field field) {
    LocalDate opens = w.opens().day();
    return opens.isBefore(field.today()) ? field.today() : opens;
  }

  private static Reason shut(Field field, List<Species> species) {
    return field.atHand().stream()
        .map(m -> field.windows().find(species, m, field.soil()))
        .max(Comparator.comparing(w -> w.closes().day()))
        .map(
            w ->
                w.possible()
                    ? Reason.of(
                            "too late by every machine at hand: the last, {method}, closed {day}")
                        .with("method", w.method().label())
                        .with("day", w.closes().day())
                    : w.opens().reason())
        .orElse(Reason.of("no machine at hand can seed it; the shed is empty"));
  }

  private static Advice none(Candidate candidate, Reason why) {
    return new Advice(candidate, why, null, null, 0, 0, 0, null, 0, List.of());
  }
}
