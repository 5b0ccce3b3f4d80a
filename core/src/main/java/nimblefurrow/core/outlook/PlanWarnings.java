package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** What is likely to go wrong with a plan, each with the numbers that say so. */
public final class PlanWarnings {
  private static final double POOR_ODDS = 0.5;
  private static final double APART_DAYS = 10;
  private static final double SURVIVES = 0.2;

  /** What caps were written for: seed as it usually is. */
  private static final double USUAL_LIVE =
      CoverComponent.USUAL_GERMINATION * CoverComponent.USUAL_PURITY;

  private final List<Reason> warnings = new ArrayList<>();

  private PlanWarnings() {}

  /**
   * {@return everything worth a warning; empty when the plan is sound}
   *
   * @param plan plan asked about
   * @param ending how it ends
   * @param window window of the way
   * @param purpose what the cover is for
   * @param outlook ranges and odds of the plan
   * @param crop cash crop of the field, grown under every sky
   * @param next what follows
   */
  public static List<Reason> of(
      CoverPlan plan,
      EndingMethod ending,
      Window window,
      Purpose purpose,
      Outlook outlook,
      CropSeasons crop,
      NextCrop.Kind next) {
    PlanWarnings found = new PlanWarnings();
    found.lag(plan, ending, next);
    found.date(plan, window);
    found.caps(plan);
    found.odds(purpose, outlook);
    found.feed(purpose, ending);
    if (ending.rolls()) {
      found.roller(plan, outlook, crop);
    }
    if (ending.ofItself()) {
      found.survivors(outlook);
    }
    return List.copyOf(found.warnings);
  }

  private void date(CoverPlan plan, Window window) {
    LocalDate day = plan.seedOn();
    switch (window.standing(day)) {
      case TOO_EARLY -> add(window.opens().reason());
      case TOO_LATE -> add(window.possible() ? window.closes().reason() : window.opens().reason());
      default -> {}
    }
  }

  /** Ending and planting as far apart as the way of ending needs them. */
  private void lag(CoverPlan plan, EndingMethod ending, NextCrop.Kind next) {
    PlantingLag lag = ending.lag(plan, next);
    if (ending.ofItself() || lag.holds(plan.endOn(), plan.plantOn())) {
      return;
    }
    long apart = ChronoUnit.DAYS.between(plan.endOn(), plan.plantOn());
    String text =
        apart < 0
            ? "{ending} on {end} is {apart} after planting on {plant}; it goes {least} to {most} ahead"
            : "{ending} on {end} is {apart} ahead of planting on {plant}; it goes {least} to {most} ahead";
    add(
        Reason.of(text)
            .with("ending", ending.label())
            .with("end", plan.endOn())
            .with("apart", Math.abs(apart), Unit.DAYS)
            .with("plant", plan.plantOn())
            .with("least", lag.least(), Unit.COUNT)
            .with("most", lag.most(), Unit.DAYS));
  }

  private void caps(CoverPlan plan) {
    if (plan.cover().size() < 2) {
      return;
    }
    for (CoverComponent c : plan.cover()) {
      double cap = c.species().seed().mixCapKgPerHa();
      double live = c.rateKgPerHa() * c.germination() * c.purity() / USUAL_LIVE;
      if (live > cap * 1.001) {
        add(
            Reason.of("{species} at {rate} takes over a mix; {cap} is plenty")
                .with("species", c.species().name())
                .with("rate", c.rateKgPerHa(), Unit.KG_PER_HA)
                .with("cap", cap, Unit.KG_PER_HA));
      }
    }
  }

  /**
   * {@return whether odds are poor enough to be warned of}
   *
   * @param met years in which a goal is met
   * @param years all of them
   */
  public static boolean poor(int met, int years) {
    return met < POOR_ODDS * years;
  }

  private void odds(Purpose purpose, Outlook outlook) {
    int met = outlook.met(purpose, purpose.target());
    if (poor(met, outlook.years())) {
      add(
          Reason.of("{measure} reaches {target} in {met} of {years} years")
              .with("measure", purpose.measure())
              .with("target", purpose.target(), purpose.unit())
              .with("met", met, Unit.COUNT)
              .with("years", outlook.years(), Unit.COUNT));
    }
  }

  private void feed(Purpose purpose, EndingMethod ending) {
    if (purpose == Purpose.FEED_CATTLE && !ending.feeds()) {
      add(
          Reason.of("{ending} feeds no cattle: graze, hay or bale it first")
              .with("ending", ending.label()));
    }
  }

  private void roller(CoverPlan plan, Outlook outlook, CropSeasons crop) {
    for (CoverComponent c : plan.cover()) {
      if (c.species().advice().roller().equals("no")) {
        add(
            Reason.of("{species} stands up again after the roller")
                .with("species", c.species().name()));
      }
    }
    double[] key =
        outlook.species().stream()
            .mapToDouble(
                s ->
                    s.stages().stream()
                        .filter(
                            g -> g.name().equals("mid-anthesis") || g.name().equals("full bloom"))
                        .findFirst()
                        .map(g -> g.day().median())
                        .orElse(Double.POSITIVE_INFINITY))
            .toArray();
    int first = IntStream.range(0, key.length).reduce((a, b) -> key[a] <= key[b] ? a : b).orElse(0);
    int last = IntStream.range(0, key.length).reduce((a, b) -> key[a] >= key[b] ? a : b).orElse(0);
    if (Double.isFinite(key[last]) && key[last] - key[first] > APART_DAYS) {
      add(
          Reason.of("{last} ripens {days} after {first}: roll for the one and the other seeds")
              .with("last", outlook.species().get(last).name())
              .with("first", outlook.species().get(first).name())
              .with("days", key[last] - key[first], Unit.DAYS));
    }
    if (Double.isFinite(key[last]) && crop.count(plan.endOn()) < key[last] - 2) {
      add(
          Reason.of("rolling on {day} is {days} before it is ripe in the middle year")
              .with("day", plan.endOn())
              .with("days", key[last] - crop.count(plan.endOn()), Unit.DAYS));
    }
  }

  private void survivors(Outlook outlook) {
    for (Outlook.SpeciesOutlook s : outlook.species()) {
      int alive = s.winterSurvival().atLeast(SURVIVES);
      if (alive > 0.2 * outlook.years()) {
        add(
            Reason.of("{species} lives through winter in {alive} of {years} years")
                .with("species", s.name())
                .with("alive", alive, Unit.COUNT)
                .with("years", outlook.years(), Unit.COUNT));
      }
    }
  }

  private void add(Reason reason) {
    warnings.add(reason);
  }
}
