package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * What to look for once a cover is ended, and when. Dates are working values from general extension
 * advice; each says why.
 */
public final class WatchList {
  private static final double SLUG_MULCH_MG = 3;
  private static final int SLOW_DAYS = 12;

  private WatchList() {}

  /**
   * A cover that was ended or will be.
   *
   * @param method how
   * @param endOn when
   * @param plantOn planting of the next crop
   * @param next its kind
   * @param cover species of the cover
   * @param mulchMgPerHa dead cover in the middle year
   * @param brownOn the day the last of it is brown in the middle year; null when it dies at once
   * @param nitrogenKgPerHa freed for the crop; negative is tie-up
   * @param setsSeed whether any of it carries viable seed by then
   */
  public record Ended(
      EndingMethod method,
      LocalDate endOn,
      LocalDate plantOn,
      NextCrop.Kind next,
      List<Species> cover,
      double mulchMgPerHa,
      @Nullable LocalDate brownOn,
      double nitrogenKgPerHa,
      boolean setsSeed) {
    public Ended {
      cover = List.copyOf(cover);
    }

    boolean grass() {
      return cover.stream().anyMatch(s -> s.family() == Family.GRASS);
    }
  }

  /**
   * One thing to look for.
   *
   * @param key what, for following up
   * @param from first day
   * @param to last day
   * @param what to do
   * @param why so
   */
  public record Item(String key, LocalDate from, LocalDate to, Reason what, Reason why) {}

  /**
   * {@return what to watch, by day}
   *
   * @param e how the cover was ended
   */
  public static List<Item> of(Ended e) {
    List<Item> all = new ArrayList<>();
    dead(all, e);
    pests(all, e);
    crop(all, e);
    all.sort(Comparator.comparing(Item::from));
    return all;
  }

  private static void dead(List<Item> all, Ended e) {
    LocalDate end = e.endOn();
    all.add(e.method().watch(e));
    LocalDate brown = e.brownOn();
    if (brown != null && brown.isAfter(end.plusDays(SLOW_DAYS))) {
      all.add(
          new Item(
              "slow",
              brown.minusDays(3),
              brown.plusDays(4),
              Reason.of("see that it is brown before you plant into it"),
              Reason.of("it dies slowly: brown about {day} in the middle year")
                  .with("day", brown)));
    }
  }

  private static void pests(List<Item> all, Ended e) {
    int year = e.plantOn().getYear();
    LocalDate moths = LocalDate.of(year, Month.APRIL, 25);
    if (e.grass() && !e.method().ofItself()) {
      LocalDate from = e.endOn().isAfter(moths) ? e.endOn() : moths;
      all.add(
          item(
              "armyworm",
              from,
              LocalDate.of(year, Month.JUNE, 15).isBefore(from)
                  ? from.plusDays(21)
                  : LocalDate.of(year, Month.JUNE, 15),
              "look under the mulch and on crop leaves for armyworm each week",
              "moths lay in green grass; the larvae move to the crop when it dies"));
    }
    if (e.mulchMgPerHa() >= SLUG_MULCH_MG) {
      all.add(
          new Item(
              "slugs",
              e.plantOn().plusDays(5),
              e.plantOn().plusDays(21),
              Reason.of("look for slugs at dusk, and for voles along runs"),
              Reason.of("{mulch} of mulch keeps the ground cool and wet for them")
                  .with("mulch", e.mulchMgPerHa(), Unit.MG_PER_HA)));
    }
  }

  private static void crop(List<Item> all, Ended e) {
    LocalDate plant = e.plantOn();
    all.add(
        item(
            "cropStand",
            plant.plusDays(14),
            plant.plusDays(24),
            "count the crop's stand",
            "open slots and hair-pinned residue show as gaps"));
    if (e.nitrogenKgPerHa() < 0 && e.next() == NextCrop.Kind.CORN) {
      all.add(
          new Item(
              "nitrogen",
              plant.plusDays(18),
              plant.plusDays(35),
              Reason.of("look at the colour of the corn and bring nitrogen forward"),
              Reason.of("the dead cover ties up {n} in the middle year")
                  .with("n", -e.nitrogenKgPerHa(), Unit.KG_PER_HA)));
    }
    if (e.setsSeed()) {
      all.add(
          item(
              "volunteers",
              plant.plusDays(25),
              plant.plusDays(60),
              "look for volunteers of the cover",
              "some of it carried seed that can grow"));
    }
    all.add(
        item(
            "weeds",
            plant.plusDays(21),
            plant.plusDays(42),
            "rate the weeds, 0 to 10",
            "it shows what the mulch bought, and whether a rescue is due"));
  }

  /** What is cut or grazed before it is ripe grows again. */
  static Item regrowth(Ended e) {
    return item(
        "regrowth",
        e.endOn().plusDays(6),
        e.endOn().plusDays(12),
        "look at the regrowth and end it one of the other ways",
        "what is cut or grazed before it is ripe grows again");
  }

  /** Stirred ground keeps some roots alive. */
  static Item clumps(Ended e) {
    return item(
        "regrowth",
        e.endOn().plusDays(7),
        e.endOn().plusDays(14),
        "look for clumps that rooted again",
        "wet clods keep roots alive");
  }

  static Item item(String key, LocalDate from, LocalDate to, String what, String why) {
    return new Item(key, from, to, Reason.of(what), Reason.of(why));
  }
}
