package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.units.Reason;

/**
 * What grows on one piece of ground, one link behind the other in the order of days. Covers never
 * stand at once; a cover may stand under a crop it was seeded into, and a crop may be planted into
 * a living cover.
 *
 * @param links in the order of their first days
 */
public record Chain(List<Link> links) {
  /** A cover seeded within so many days of another's ending stands on the ground that leaves. */
  private static final int STANDS_ON_DAYS = 60;

  public Chain {
    links = links.stream().sorted(Comparator.comparing(Link::from)).toList();
  }

  /**
   * {@return a chain of any links}
   *
   * @param links in any order
   */
  public static Chain of(List<? extends Link> links) {
    return new Chain(List.copyOf(links));
  }

  /** {@return the covers in their order} */
  public List<Link.Cover> covers() {
    return links.stream().filter(Link.Cover.class::isInstance).map(Link.Cover.class::cast).toList();
  }

  /** {@return the crops in their order} */
  public List<Link.Crop> crops() {
    return links.stream().filter(Link.Crop.class::isInstance).map(Link.Crop.class::cast).toList();
  }

  /**
   * {@return what a cover would stand on top of, with the ways out; nothing when its days are free}
   *
   * @param cover the cover, one of the chain's or a new one
   */
  public Optional<Reason> inTheWayOf(Link.Cover cover) {
    return covers().stream()
        .filter(c -> !c.id().equals(cover.id()))
        .filter(c -> c.from().isBefore(cover.until()) && cover.from().isBefore(c.until()))
        .findFirst()
        .map(
            c ->
                Reason.of(
                        c.from().isAfter(cover.from())
                            ? "{cover} from {from} to {until} would still stand when {other} is"
                                + " seeded on {day}: end it before, or seed {other} later"
                            : "{other} stands from {day} to {end}; {cover} from {from} cannot stand"
                                + " on top of it: seed it after that ends, end that earlier, or"
                                + " change that cover instead")
                    .with("cover", cover.name())
                    .with("from", cover.from())
                    .with("until", cover.until())
                    .with("other", c.name())
                    .with("day", c.from())
                    .with("end", c.until()));
  }

  /**
   * {@return the cover that a cover follows with no crop between; nothing when it follows a crop,
   * or nothing is known before it}
   *
   * @param cover one of the chain's
   */
  public Optional<Link.Cover> before(Link.Cover cover) {
    Link last = null;
    for (Link link : links) {
      if (!link.id().equals(cover.id()) && link.from().isBefore(cover.from())) {
        last = link;
      }
    }
    return last instanceof Link.Cover c ? Optional.of(c) : Optional.empty();
  }

  /**
   * {@return the cover that follows a cover with no crop between}
   *
   * @param cover one of the chain's
   */
  public Optional<Link.Cover> behind(Link.Cover cover) {
    return covers().stream()
        .filter(c -> before(c).filter(b -> b.id().equals(cover.id())).isPresent())
        .findFirst();
  }

  /**
   * {@return the cover that stands on the ground a cover leaves: seeded into it soon after}
   *
   * @param cover one of the chain's
   */
  public Optional<Link.Cover> standsOn(Link.Cover cover) {
    return behind(cover).filter(b -> b.from().isBefore(cover.until().plusDays(STANDS_ON_DAYS)));
  }

  /**
   * {@return whether anything stands on the ground at the end of a day}
   *
   * @param day day asked about
   */
  public boolean green(LocalDate day) {
    return links.stream().anyMatch(l -> l.standsOn(day));
  }

  /**
   * {@return the days between two days on which nothing stands, as ranges of a first and a last}
   *
   * @param from first day
   * @param to last day
   */
  public List<Gap> gaps(LocalDate from, LocalDate to) {
    List<Gap> all = new ArrayList<>();
    LocalDate open = null;
    for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
      if (green(day)) {
        if (open != null) {
          all.add(new Gap(open, day.minusDays(1)));
          open = null;
        }
      } else if (open == null) {
        open = day;
      }
    }
    if (open != null) {
      all.add(new Gap(open, to));
    }
    return List.copyOf(all);
  }

  /**
   * {@return the cover that a seeding written down is of: of those whose season it lies in, the one
   * planned nearest to that day}
   *
   * @param day day of the seeding
   */
  public Optional<Link.Cover> seededOn(LocalDate day) {
    return nearest(day, SeasonDates::seeding, Link::from);
  }

  /**
   * {@return the cover that an ending written down is of: of those whose season it lies in, the one
   * planned nearest to that day}
   *
   * @param day day of the ending
   */
  public Optional<Link.Cover> endedOn(LocalDate day) {
    return nearest(day, SeasonDates::log, Link::until);
  }

  /**
   * {@return the cover that something seen on a day is of: of those whose season it lies in, the
   * last one seeded by then, else the first}
   *
   * @param day day it was seen
   */
  public Optional<Link.Cover> seenOn(LocalDate day) {
    List<Link.Cover> all =
        covers().stream().filter(c -> SeasonDates.log(c.season()).holds(day)).toList();
    return all.stream()
        .filter(c -> !c.from().isAfter(day))
        .reduce((a, b) -> b)
        .or(() -> all.stream().findFirst());
  }

  private Optional<Link.Cover> nearest(
      LocalDate day, IntFunction<SeasonDates.Range> season, Function<Link.Cover, LocalDate> meant) {
    return covers().stream()
        .filter(c -> season.apply(c.season()).holds(day))
        .min(Comparator.comparing(c -> Math.abs(ChronoUnit.DAYS.between(day, meant.apply(c)))));
  }

  /** Days on which nothing stands, first and last. */
  public record Gap(LocalDate from, LocalDate to) {
    /** {@return how many} */
    public int days() {
      return (int) ChronoUnit.DAYS.between(from, to) + 1;
    }
  }
}
