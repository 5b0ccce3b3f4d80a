package nimblefurrow.core.ending;

import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/**
 * Says which ways of ending fit a cover on a field, when, and why: each method for itself, and what
 * holds for all that end a living cover.
 */
public final class EndingAdviser {
  private static final double MILK = 1.16;
  private static final double RARELY = 0.1;

  /** Grass has to be dead so long before corn is planted. Working value, termination guides. */
  static final int GRASS_AHEAD_OF_CORN_DAYS = 10;

  private EndingAdviser() {}

  /**
   * {@return all ways, those that fit first}
   *
   * @param field field asked about
   */
  public static List<EndingOption> options(EndingField field) {
    return EndingMethods.all().stream()
        .map(m -> option(m, field))
        .sorted(Comparator.comparing(EndingOption::fit))
        .toList();
  }

  /** One way, as it fits. */
  static EndingOption option(EndingMethod method, EndingField field) {
    EndingFinding found = new EndingFinding(field.next().plantOn(), field.years());
    if (field.organic() && method.sprays()) {
      found.no(Reason.of("the field is organic: no herbicide"));
    }
    method.judge(field, found);
    if (!method.ofItself() && !method.rescues()) {
      seedSet(field, found);
      grassBeforeCorn(method, field, found);
    }
    return found.option(method, field);
  }

  /**
   * Grass that is killed at corn planting, in whatever way, ties up nitrogen and hosts seedling
   * disease just when corn comes up: never without care.
   */
  private static void grassBeforeCorn(EndingMethod method, EndingField field, EndingFinding found) {
    int usual = method.lag(field.plan(), field.next().kind()).usual();
    if (field.grassBeforeCorn() && usual < GRASS_AHEAD_OF_CORN_DAYS) {
      found.care(
          Reason.of(
                  "grass killed under {days} ahead of corn: starter nitrogen, and seedling disease"
                      + " from its roots")
              .with("days", GRASS_AHEAD_OF_CORN_DAYS, Unit.DAYS));
    }
  }

  /**
   * {@return whether something comes in more than one year of ten, so that it is worth a word}
   *
   * @param years in which it comes
   * @param all years
   */
  public static boolean isOften(long years, int all) {
    return years > RARELY * all;
  }

  /** Seed that can grow makes next year's weed of this year's cover. */
  private static void seedSet(EndingField field, EndingFinding found) {
    for (int i = 0; i < field.plan().cover().size(); i++) {
      var species = field.plan().cover().get(i).species();
      double last = field.crop().count(found.to());
      int viable = field.ripe(i, species.clock().scale().viableSeedFrom()).atMost(last);
      int milk = field.ripe(i, MILK).atMost(last);
      boolean sets = isOften(viable, field.years());
      if (sets || isOften(milk, field.years())) {
        found.warn(
            Reason.of(
                    sets
                        ? "{species} carries viable seed by {day} in {years} of {all} years: it will volunteer"
                        : "{species} is filling seed by {day} in {years} of {all} years: do not wait longer")
                .with("species", species.name())
                .with("day", found.to())
                .with("years", sets ? viable : milk, Unit.COUNT)
                .with("all", field.years(), Unit.COUNT));
      }
    }
  }
}
