package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.SprayKill;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/**
 * Says which ways of ending fit a cover on a field, when, and why. Dates come from the stages of
 * every way the season may go; for a mix the last species to ripen sets the roller's date.
 */
public final class EndingAdviser {
  private static final double DEAD_SHARE = 0.1;

  /** So little is not worth a sentence. */
  private static final double NOTHING_MG = 0.1;

  /** Chopped cover rots about half as fast again as cover that lies whole. Working value. */
  private static final double MOWN_LEFT_AFTER_A_MONTH = 0.6;

  /** Water lost from stirred ground, mm a pass. Working value. */
  private static final double TILLAGE_DRIES_MM = 12;

  private static final double TALL_ENOUGH_MG = 2;
  private static final double THICK_MG = 3;
  private static final double MILK = 1.16;
  private static final double RARELY = 0.1;
  private static final int GRASS_AHEAD_OF_CORN_DAYS = 10;

  /** A crop does not wait longer than this for its cover to ripen. */
  public static final int LONGEST_WAIT_DAYS = 35;

  private final CoverPlan plan;
  private final CropSeasons crop;
  private final List<SeasonRun> runs;
  private final NextCrop next;
  private final boolean organic;
  private final OwnErrors errors;

  public EndingAdviser(
      CoverPlan plan, CropSeasons crop, List<SeasonRun> runs, NextCrop next, boolean organic) {
    this.plan = plan;
    this.crop = crop;
    this.runs = List.copyOf(runs);
    this.next = next;
    this.organic = organic;
    this.errors = OwnErrors.of(plan);
  }

  /** All ways, those that fit first. */
  public List<EndingOption> options() {
    List<EndingOption> all = new ArrayList<>();
    for (EndingWay way : EndingWay.values()) {
      all.add(option(way));
    }
    all.sort(Comparator.comparing(EndingOption::fit));
    return all;
  }

  private EndingOption option(EndingWay way) {
    Case c = new Case(way);
    if (organic && way.sprays()) {
      c.no(Reason.of("the field is organic: no herbicide"));
    }
    switch (way) {
      case WINTER -> winter(c);
      case SPRAY_EARLY -> sprayEarly(c);
      case PLANT_GREEN_SPRAY -> plantGreenSpray(c);
      case ROLL_PLANT, ROLL_SPRAY -> roll(c);
      case PLANT_GREEN_ROLL -> plantGreenRoll(c);
      case SPRAY_STANDING -> sprayStanding(c);
      case GRAZE -> graze(c);
      case HAY -> hay(c);
      case MOW -> mow(c);
      case TILL -> till(c);
      case ROW_ZONE -> rowZone(c);
      case BETWEEN_ROWS -> betweenRows(c);
      case CULTIVATE -> cultivate(c);
    }
    if (way != EndingWay.WINTER && !way.rescues()) {
      seedSet(c);
      grassBeforeCorn(c);
    }
    return c.option();
  }

  /**
   * Grass that is killed at corn planting, in whatever way, ties up nitrogen and hosts seedling
   * disease just when corn comes up: never without care.
   */
  private void grassBeforeCorn(Case c) {
    boolean grass = next.kind() == NextCrop.Kind.CORN && hasGrass();
    if (grass && PlantingLag.of(c.way, plan, next.kind()).usual() < GRASS_AHEAD_OF_CORN_DAYS) {
      c.care(
          Reason.of(
                  "grass killed under {days} ahead of corn: starter nitrogen, and seedling disease"
                      + " from its roots")
              .with("days", GRASS_AHEAD_OF_CORN_DAYS, Unit.DAYS));
    }
  }

  private void winter(Case c) {
    int gone = years(r -> r.components().stream().allMatch(this::winterKilled));
    Spread lowest =
        Spread.of(
            runs.stream()
                .mapToDouble(
                    r ->
                        r.components().stream()
                            .mapToDouble(SeasonRun.Component::winterSurvival)
                            .max()
                            .orElse(0))
                .toArray());
    c.range(LocalDate.of(crop.skies().seasonYear(), 11, 15), next.plantOn().minusDays(30));
    c.ready(gone);
    Reason odds =
        Reason.of("winter kills it in {gone} of {all} years")
            .with("gone", gone, Unit.COUNT)
            .with("all", runs.size(), Unit.COUNT);
    if (gone >= 0.8 * runs.size()) {
      c.fits(odds);
    } else if (gone > 0.2 * runs.size()) {
      c.care(odds);
    } else {
      c.no(odds);
      c.because(
          Reason.of("in the middle year {alive} of the hardiest species lives on")
              .with("alive", lowest.median(), Unit.SHARE));
    }
    species(s -> s.clock().scale().cereal() && s.winter().lt50HardC() > -10)
        .forEach(s -> c.warn(Reason.of("look for survivors in spring before you count on it")));
  }

  private boolean winterKilled(SeasonRun.Component c) {
    return c.emergedPerM2() == 0 || c.winterSurvival() < DEAD_SHARE;
  }

  private void sprayEarly(Case c) {
    boolean grassBeforeCorn = next.kind() == NextCrop.Kind.CORN && hasGrass();
    int last = 10;
    int first = grassBeforeCorn ? 14 : 21;
    c.range(next.plantOn().minusDays(first), next.plantOn().minusDays(last));
    c.fits(
        Reason.of("{first} to {last} before planting on {plant}")
            .with("first", first, Unit.COUNT)
            .with("last", last, Unit.DAYS)
            .with("plant", next.plantOn()));
    beforeBoot(c);
    hardToKill(c);
    c.ready(runs.size());
    if (grassBeforeCorn) {
      c.because(Reason.of("grass before corn ties up nitrogen and shares seedling diseases"));
    }
    c.warn(Reason.of("a dead mat dries slowly: keep watching the ground"));
    sprayCautions(c);
  }

  private void plantGreenSpray(Case c) {
    c.range(next.plantOn(), next.plantOn().plusDays(3));
    c.ready(runs.size());
    if (next.kind() == NextCrop.Kind.CORN && hasGrass()) {
      c.care(
          Reason.of(
              "grass still green under corn costs nitrogen and stand: starter N, thin cover"));
    } else {
      c.fits(
          Reason.of("plant {crop} on {plant}, spray within {days} and before it is up")
              .with("crop", next.kind().label())
              .with("plant", next.plantOn())
              .with("days", 3, Unit.DAYS));
    }
    hardToKill(c);
    c.warn(Reason.of("confirm the insurer's date rule with your agent"));
    sprayCautions(c);
  }

  private void roll(Case c) {
    Spread ripe = ripeFor(rollStage(1.0));
    Spread late = ripeFor(rollStage(1.36));
    LocalDate from = crop.day(finite(ripe.median()));
    LocalDate to = crop.day(finite(late.median()));
    c.range(from, to.isBefore(from) ? from : to);
    int ready = ripe.atMost(crop.count(next.plantOn()));
    c.ready(ready);
    species(s -> s.advice().roller().equals("no")).forEach(s -> unrollable(c, s));
    if (years(r -> r.components().stream().allMatch(this::winterKilled)) > 0.8 * runs.size()) {
      c.no(Reason.of("winter kills it first: nothing to roll"));
      return;
    }
    Reason odds =
        Reason.of(
                "ripe to roll by planting on {plant} in {ready} of {all} years; middle year {from}")
            .with("plant", next.plantOn())
            .with("ready", ready, Unit.COUNT)
            .with("all", runs.size(), Unit.COUNT)
            .with("from", from);
    if (c.way == EndingWay.ROLL_SPRAY) {
      c.range(next.plantOn().minusDays(1), next.plantOn().plusDays(2));
      c.fits(Reason.of("the spray kills what is not ripe enough for the drum"));
    } else if (ready >= 0.7 * runs.size()) {
      c.fits(odds);
    } else {
      c.care(odds);
      long wait = java.time.temporal.ChronoUnit.DAYS.between(next.plantOn(), from);
      if (wait > LONGEST_WAIT_DAYS) {
        c.no(
            Reason.of("in the middle year planting would wait {wait} for it to ripen")
                .with("wait", wait, Unit.DAYS));
      } else if (wait > 0) {
        c.because(
            Reason.of("in the middle year planting waits {wait}").with("wait", wait, Unit.DAYS));
      }
    }
    thickEnough(c);
    ripenApart(c);
    c.warn(Reason.of("look again after 10 to 14 days; keep hands and people off the drum"));
    if (c.way.sprays()) {
      sprayCautions(c);
    }
  }

  private void unrollable(Case c, Species s) {
    if (c.way == EndingWay.ROLL_SPRAY) {
      return;
    }
    c.no(Reason.of("{species} stands up again after the roller").with("species", s.name()));
  }

  private void plantGreenRoll(Case c) {
    LocalDate plant = next.plantOn();
    c.range(plant.plusDays(14), plant.plusDays(28));
    Spread ripe = ripeFor(rollStage(1.0));
    int ready = ripe.atMost(crop.count(plant.plusDays(28)));
    c.ready(ready);
    species(s -> s.advice().roller().equals("no")).forEach(s -> unrollable(c, s));
    if (years(r -> r.components().stream().allMatch(this::winterKilled)) > 0.8 * runs.size()) {
      c.no(Reason.of("winter kills it first: nothing to roll"));
    }
    if (next.kind() != NextCrop.Kind.SOYBEAN) {
      c.no(
          Reason.of("only soybeans bear the drum; {crop} does not")
              .with("crop", next.kind().label()));
    } else {
      Reason odds =
          Reason.of(
                  "from unifoliate to second trifoliate, about {from} to {to}; ripe in {ready} of {all} years")
              .with("from", plant.plusDays(14))
              .with("to", plant.plusDays(28))
              .with("ready", ready, Unit.COUNT)
              .with("all", runs.size(), Unit.COUNT);
      if (ready >= 0.7 * runs.size()) {
        c.fits(odds);
      } else {
        c.care(odds);
      }
    }
    thickEnough(c);
    c.warn(Reason.of("never from hook to cotyledon: stems snap; roll on a hot dry afternoon"));
  }

  private void sprayStanding(Case c) {
    c.range(next.plantOn().minusDays(3), next.plantOn().plusDays(3));
    c.ready(runs.size());
    if (!hasGrass()) {
      c.care(Reason.of("legumes and brassicas collapse anyway: little stands to shade weeds"));
    } else {
      c.fits(Reason.of("dead stems stand, rot slower and shade as well as a rolled mat"));
    }
    beforeBoot(c);
    hardToKill(c);
    sprayCautions(c);
  }

  private void graze(Case c) {
    c.range(next.plantOn().minusDays(40), next.plantOn().minusDays(10));
    double feed = coverAt(c.middle()).median();
    c.ready(years(r -> massOn(r, next.plantOn().minusDays(10)) >= 1.5));
    if (feed >= 1.5) {
      c.care(
          Reason.of("{feed} of feed in the middle year; needs fence and water")
              .with("feed", feed, Unit.MG_PER_HA));
    } else {
      c.no(Reason.of("only {feed} of feed in the middle year").with("feed", feed, Unit.MG_PER_HA));
    }
    species(
            s ->
                s.advice()
                    .notes()
                    .toLowerCase(java.util.Locale.ROOT)
                    .matches(".*(bloat|nitrate|prussic).*"))
        .forEach(
            s ->
                c.warn(
                    Reason.of("{species}: {notes}")
                        .with("species", s.name())
                        .with("notes", s.advice().notes())));
    if (hasGrass()) {
      c.warn(
          Reason.of(
              "lush grass in spring can bring grass tetany: magnesium for cows in milk, and hay first"));
    }
    c.warn(Reason.of("every product used since seeding has a grazing interval on its label"));
    c.warn(Reason.of("what grew from treated seed is grazed only as the seed's label allows"));
    c.warn(Reason.of("the cover regrows: end it one of the other ways after"));
  }

  private void hay(Case c) {
    Spread boot = ripeFor(s -> s.clock().scale().cereal() ? 0.78 : 0.82);
    LocalDate from = crop.day(finite(boot.median()));
    c.range(from, from.plusDays(12));
    int ready = boot.atMost(crop.count(next.plantOn().minusDays(5)));
    c.ready(ready);
    Reason odds =
        Reason.of("fit to cut from {from}; five days before planting in {ready} of {all} years")
            .with("from", from)
            .with("ready", ready, Unit.COUNT)
            .with("all", runs.size(), Unit.COUNT);
    if (coverAt(c.middle()).median() < 2) {
      c.no(
          Reason.of("only {cover} to cut in the middle year")
              .with("cover", coverAt(c.middle()).median(), Unit.MG_PER_HA));
    } else if (ready >= 0.5 * runs.size()) {
      c.care(odds);
    } else {
      c.no(odds);
    }
    c.warn(Reason.of("stubble regrows: end it one of the other ways after"));
  }

  private void mow(Case c) {
    c.range(next.plantOn().minusDays(7), next.plantOn());
    c.ready(runs.size());
    c.care(Reason.of("last resort: what is cut before it heads grows again, mulch rots fast"));
    double cover = coverAt(c.middle()).median();
    if (cover < NOTHING_MG) {
      return;
    }
    c.because(
        Reason.of("of {cover} cut about {left} still lies four weeks on: chopped, it rots faster")
            .with("cover", cover, Unit.MG_PER_HA)
            .with("left", MOWN_LEFT_AFTER_A_MONTH * cover, Unit.MG_PER_HA));
  }

  private void till(Case c) {
    c.range(next.plantOn().minusDays(14), next.plantOn().minusDays(2));
    c.ready(runs.size());
    c.care(
        Reason.of("kills in one or two passes and costs the {cover} of cover on top")
            .with("cover", coverAt(c.middle()).median(), Unit.MG_PER_HA));
    c.because(
        Reason.of("each pass dries the ground by about {water}, and no mulch keeps the rest in")
            .with("water", TILLAGE_DRIES_MM, Unit.MM));
    if (hasGrass() && next.kind() == NextCrop.Kind.CORN) {
      c.because(Reason.of("turned under, grass ties up nitrogen under the corn all the same"));
    }
  }

  private void rowZone(Case c) {
    c.range(next.plantOn().minusDays(3), next.plantOn());
    c.ready(runs.size());
    if (next.kind() == NextCrop.Kind.CORN) {
      c.care(
          Reason.of("rows are bare {early} ahead, the rest shades weeds; needs steering")
              .with("early", 14, Unit.DAYS));
    } else {
      c.no(Reason.of("only corn needs its rows bare ahead"));
    }
    hardToKill(c);
    sprayCautions(c);
  }

  private void betweenRows(Case c) {
    rescue(c);
    c.because(Reason.of("the crop must be short enough to pass under; same rows, with steering"));
  }

  private void cultivate(Case c) {
    rescue(c);
    c.because(Reason.of("wide rows and sweeps that pass residue; the ground is stirred"));
  }

  private void rescue(Case c) {
    c.range(next.plantOn().plusDays(20), next.plantOn().plusDays(40));
    if (next.kind() == NextCrop.Kind.OTHER) {
      c.no(Reason.of("only crops in wide rows leave room"));
    } else {
      c.care(Reason.of("a rescue where cover or weeds live on between rows; not a plan"));
    }
  }

  private void beforeBoot(Case c) {
    if (!hasGrass()) {
      return;
    }
    Spread boot = ripeFor(s -> s.family() == Family.GRASS ? 0.78 : 0);
    int before = boot.years() - boot.atMost(crop.count(c.to));
    Reason odds =
        Reason.of("grass is still before boot on {day} in {years} of {all} years")
            .with("day", c.to)
            .with("years", before, Unit.COUNT)
            .with("all", runs.size(), Unit.COUNT);
    if (before >= 0.7 * runs.size()) {
      c.because(odds);
    } else {
      c.care(odds);
    }
  }

  private void hardToKill(Case c) {
    species(s -> s.advice().herbicide().startsWith("hard"))
        .forEach(
            s ->
                c.care(
                    Reason.of("{species} is {words}")
                        .with("species", s.name())
                        .with("words", s.advice().herbicide())));
    species(SecondPass::hard)
        .forEach(
            s -> {
              c.warn(
                  Reason.of("plan a second spray 14 to 24 days on: {species} greens up again")
                      .with("species", s.name()));
              c.warn(
                  Reason.of(
                          "cold: below {cool} in the mean of three days fewer die, at {cold} a quarter"
                              + " fewer; wait for warm days")
                      .with("cool", SprayKill.WARM_C, Unit.CELSIUS)
                      .with("cold", SprayKill.COLD_C, Unit.CELSIUS));
            });
  }

  private void thickEnough(Case c) {
    double cover = coverAt(c.middle()).median();
    Reason figure =
        Reason.of("{cover} stands then in the middle year").with("cover", cover, Unit.MG_PER_HA);
    if (cover < TALL_ENOUGH_MG) {
      c.care(
          Reason.of("only {cover} stands then: too short and thin for the drum")
              .with("cover", cover, Unit.MG_PER_HA));
    } else {
      c.because(figure);
    }
  }

  /** Seed that can grow makes next year's weed of this year's cover. */
  private void seedSet(Case c) {
    for (int i = 0; i < plan.cover().size(); i++) {
      Species species = plan.cover().get(i).species();
      double ripe = species.clock().scale().viableSeedFrom();
      int viable = stageDay(i, ripe).atMost(crop.count(c.to));
      int milk = stageDay(i, MILK).atMost(crop.count(c.to));
      boolean sets = viable > RARELY * runs.size();
      if (sets || milk > RARELY * runs.size()) {
        c.warn(
            Reason.of(
                    sets
                        ? "{species} carries viable seed by {day} in {years} of {all} years: it will volunteer"
                        : "{species} is filling seed by {day} in {years} of {all} years: do not wait longer")
                .with("species", species.name())
                .with("day", c.to)
                .with("years", sets ? viable : milk, Unit.COUNT)
                .with("all", runs.size(), Unit.COUNT));
      }
    }
  }

  private void ripenApart(Case c) {
    if (plan.cover().size() < 2) {
      return;
    }
    double[] key = new double[plan.cover().size()];
    for (int i = 0; i < key.length; i++) {
      key[i] = finite(stageDay(i, 1.0).median());
    }
    int first = IntStream.range(0, key.length).reduce((a, b) -> key[a] <= key[b] ? a : b).orElse(0);
    int last = IntStream.range(0, key.length).reduce((a, b) -> key[a] >= key[b] ? a : b).orElse(0);
    boolean neverRipens = key[last] >= finite(Double.POSITIVE_INFINITY);
    if (key[last] - key[first] > 10 && !neverRipens) {
      c.care(
          Reason.of("{last} ripens {days} after {first}; waiting lets {first} set seed")
              .with("last", plan.cover().get(last).species().name())
              .with("first", plan.cover().get(first).species().name())
              .with("days", key[last] - key[first], Unit.DAYS));
    }
  }

  private void sprayCautions(Case c) {
    if (coverAt(c.middle()).median() > THICK_MG) {
      c.warn(
          Reason.of("above {cover} of cover a soil residual is caught by the leaves")
              .with("cover", THICK_MG, Unit.MG_PER_HA));
    }
    c.warn(Reason.of("the label is the law; a licensed applicator where required"));
  }

  private boolean hasGrass() {
    return species(s -> s.family() == Family.GRASS).findAny().isPresent();
  }

  private java.util.stream.Stream<Species> species(java.util.function.Predicate<Species> which) {
    return plan.cover().stream().map(c -> c.species()).filter(which);
  }

  private int years(java.util.function.Predicate<SeasonRun> which) {
    return (int) runs.stream().filter(which).count();
  }

  /** Mid-anthesis or full bloom at 1; soft dough at 1.36 in cereals, late pod at 1.25 elsewhere. */
  private static java.util.function.ToDoubleFunction<Species> rollStage(double fraction) {
    return s -> s.clock().scale().cereal() ? fraction : Math.min(fraction, 1.25);
  }

  /** The day on which the last species reaches its stage. */
  private Spread ripeFor(java.util.function.ToDoubleFunction<Species> fraction) {
    double[] last = new double[runs.size()];
    for (int c = 0; c < plan.cover().size(); c++) {
      double wanted = fraction.applyAsDouble(plan.cover().get(c).species());
      if (wanted > 0) {
        double[] days = stageDays(c, wanted);
        for (int y = 0; y < last.length; y++) {
          last[y] = Math.max(last[y], days[y]);
        }
      }
    }
    return Spread.of(last).with(errors.stages(0, plan.endOn()));
  }

  private Spread stageDay(int component, double fraction) {
    return Spread.of(stageDays(component, fraction)).with(errors.stages(component, plan.endOn()));
  }

  private double[] stageDays(int component, double fraction) {
    return runs.stream()
        .mapToDouble(
            r -> {
              double[] stage = r.columns().stageFraction()[component];
              int i = 0;
              while (i < stage.length && stage[i] < fraction) {
                i++;
              }
              return i == stage.length
                  ? Double.POSITIVE_INFINITY
                  : crop.count(r.columns().start().plusDays(i));
            })
        .toArray();
  }

  /** Never ripe is said as the end of July. */
  private double finite(double count) {
    int latest = crop.count(LocalDate.of(crop.skies().seasonYear() + 1, 7, 31));
    return Math.min(latest, count);
  }

  private Spread coverAt(LocalDate day) {
    return Spread.of(runs.stream().mapToDouble(r -> massOn(r, day)).toArray())
        .with(errors.growth(day));
  }

  private static double massOn(SeasonRun run, LocalDate day) {
    int i = run.columns().indexOf(day);
    return run.columns().totalCoverMgPerHa(Math.max(0, Math.min(run.columns().days() - 1, i)));
  }

  /** An option in the making: the worst finding decides the fit, and comes first. */
  private final class Case {
    private final EndingWay way;
    private EndingOption.Fit fit = EndingOption.Fit.FITS;
    private LocalDate from = next.plantOn();
    private LocalDate to = next.plantOn();
    private int ready;
    private final List<Reason> reasons = new ArrayList<>();
    private final List<Reason> cautions = new ArrayList<>();

    Case(EndingWay way) {
      this.way = way;
    }

    void range(LocalDate first, LocalDate last) {
      from = first;
      to = last;
    }

    LocalDate middle() {
      return from.plusDays(java.time.temporal.ChronoUnit.DAYS.between(from, to) / 2);
    }

    void ready(int years) {
      ready = years;
    }

    void fits(Reason reason) {
      judge(EndingOption.Fit.FITS, reason);
    }

    void care(Reason reason) {
      judge(EndingOption.Fit.WITH_CARE, reason);
    }

    void no(Reason reason) {
      judge(EndingOption.Fit.DOES_NOT, reason);
    }

    void because(Reason reason) {
      reasons.add(reason);
    }

    void warn(Reason reason) {
      cautions.add(reason);
    }

    private void judge(EndingOption.Fit found, Reason reason) {
      if (found.compareTo(fit) > 0) {
        fit = found;
        reasons.add(0, reason);
      } else {
        reasons.add(reason);
      }
    }

    EndingOption option() {
      double cover = coverAt(middle()).median();
      return new EndingOption(way, fit, from, to, ready, cover, reasons, cautions);
    }
  }
}
