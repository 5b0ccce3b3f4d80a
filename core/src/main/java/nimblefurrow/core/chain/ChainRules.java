package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * What one link of a chain asks of the others: read from the first to the last, over as many
 * seasons as the chain has. Days stand in {@code chainrules.csv} with their sources.
 */
public final class ChainRules {
  private static final CarryOver CARRY_OVER = CarryOver.shipped();

  private final Map<String, Integer> days;

  private ChainRules(Map<String, Integer> days) {
    this.days = Map.copyOf(days);
  }

  /**
   * A rule that a chain does not keep.
   *
   * @param rule which
   * @param linkId the link it is said of
   * @param on the day it concerns
   * @param words what is wrong, with its figures and the way out
   */
  public record Broken(Rule rule, String linkId, LocalDate on, Reason words) {}

  /** Rules along a chain. */
  public enum Rule {
    /** Covers stand one on top of the other. */
    OVERLAP,
    /** Living plants too close before a small grain. */
    GROUND_BEFORE_GRAIN,
    /** A living or fresh grass right before corn. */
    GRASS_BEFORE_CORN,
    /** Treated seed in a cover that cattle are to eat. */
    TREATED_SEED_FED,
    /** Seed of the cover is ripe before it is ended. */
    SEED_SET,
    /** A residual herbicide that the cover does not bear. */
    PLANT_BACK
  }

  /**
   * What is known beside the chain.
   *
   * @param sprayed residual herbicides sprayed on the piece
   * @param seedRipe the day a cover's seed is viable in the middle year, by the cover's id; none
   *     where that is not known
   */
  public record Known(List<CarryOver.Sprayed> sprayed, Map<String, LocalDate> seedRipe) {
    /** Nothing beside the chain. */
    public static final Known NOTHING = new Known(List.of(), Map.of());

    public Known {
      sprayed = List.copyOf(sprayed);
      seedRipe = Map.copyOf(seedRipe);
    }
  }

  /** {@return the rules that ship} */
  public static ChainRules shipped() {
    Map<String, Integer> days = new HashMap<>();
    for (CSVRecord row : CsvTable.shipped("chainrules.csv")) {
      days.put(row.get("key"), (int) CsvTable.number(row, "days"));
    }
    return new ChainRules(days);
  }

  /**
   * {@return what a chain does not keep, in the order of days; empty when all is well}
   *
   * @param chain the chain
   * @param known what is known beside it
   */
  public List<Broken> broken(Chain chain, Known known) {
    List<Broken> all = new ArrayList<>();
    for (Link.Cover cover : chain.covers()) {
      overlap(chain, cover, all);
      next(chain, cover, all);
      treated(cover, all);
      seed(cover, known.seedRipe().get(cover.id()), all);
      plantBack(cover, known.sprayed(), all);
    }
    all.sort(java.util.Comparator.comparing(Broken::on));
    return List.copyOf(all);
  }

  private static void overlap(Chain chain, Link.Cover cover, List<Broken> all) {
    chain
        .inTheWayOf(cover)
        // Of two that cross, the later one is told.
        .filter(
            r ->
                chain.covers().stream()
                    .anyMatch(
                        c -> c.from().isBefore(cover.from()) && c.until().isAfter(cover.from())))
        .ifPresent(r -> all.add(new Broken(Rule.OVERLAP, cover.id(), cover.from(), r)));
  }

  private void next(Chain chain, Link.Cover cover, List<Broken> all) {
    Link.Crop next =
        chain.crops().stream()
            .filter(c -> c.from().isAfter(cover.from()) && !under(cover, c))
            .findFirst()
            .orElse(null);
    if (next == null) {
      return;
    }
    boolean othersBetween =
        chain.covers().stream()
            .anyMatch(c -> c.from().isAfter(cover.from()) && c.from().isBefore(next.from()));
    if (othersBetween) {
      return;
    }
    long apart = ChronoUnit.DAYS.between(cover.until(), next.from());
    if (next.kind() == Link.CropClass.SMALL_GRAIN) {
      int least = days("groundBeforeGrain");
      if (apart < least && !cover.ending().ofItself()) {
        all.add(
            new Broken(
                Rule.GROUND_BEFORE_GRAIN,
                cover.id(),
                cover.until(),
                Reason.of(
                        "{cover} is gone {apart} before {crop} is sown on {day}; leave {least} with"
                            + " nothing green, or what lives on the cover moves over")
                    .with("cover", cover.name())
                    .with("apart", Math.max(0, apart), Unit.DAYS)
                    .with("crop", next.name())
                    .with("day", next.from())
                    .with("least", least, Unit.DAYS)));
      }
    } else if (next.kind() == Link.CropClass.CORN && cover.hasGrass()) {
      int least = days("grassBeforeCorn");
      if (apart < least && !cover.ending().ofItself()) {
        all.add(
            new Broken(
                Rule.GRASS_BEFORE_CORN,
                cover.id(),
                cover.until(),
                Reason.of(
                        "grass in {cover} dies {apart} before corn is planted on {day}; leave"
                            + " {least}, or plan nitrogen at planting and scout for seedling disease")
                    .with("cover", cover.name())
                    .with("apart", Math.max(0, apart), Unit.DAYS)
                    .with("day", next.from())
                    .with("least", least, Unit.DAYS)));
      }
    }
  }

  /** A crop that a cover was seeded into stands over it: it is not the next one. */
  private static boolean under(Link.Cover cover, Link.Crop crop) {
    return crop.from().isBefore(cover.from());
  }

  private static void treated(Link.Cover cover, List<Broken> all) {
    if (cover.treatedSeed() && cover.ending().feeds()) {
      all.add(
          new Broken(
              Rule.TREATED_SEED_FED,
              cover.id(),
              cover.until(),
              Reason.of(
                      "{cover} is to be fed on {day} and has treated seed in it: the seed tag says"
                          + " whether and when it may be grazed or cut; use untreated seed or end"
                          + " it another way")
                  .with("cover", cover.name())
                  .with("day", cover.until())));
    }
  }

  private static void seed(Link.Cover cover, @Nullable LocalDate ripe, List<Broken> all) {
    if (ripe != null && ripe.isBefore(cover.until()) && !cover.ending().ofItself()) {
      all.add(
          new Broken(
              Rule.SEED_SET,
              cover.id(),
              ripe,
              Reason.of(
                      "{cover} has ripe seed about {ripe}, {early} before it is ended on {day}: it"
                          + " comes again in what follows; end it sooner")
                  .with("cover", cover.name())
                  .with("ripe", ripe)
                  .with("early", ChronoUnit.DAYS.between(ripe, cover.until()), Unit.DAYS)
                  .with("day", cover.until())));
    }
  }

  private static void plantBack(
      Link.Cover cover, List<CarryOver.Sprayed> sprayed, List<Broken> all) {
    List<CarryOver.Sprayed> before =
        sprayed.stream().filter(s -> !s.on().isAfter(cover.from())).toList();
    for (Reason risk : CARRY_OVER.risks(before, cover.species(), cover.from())) {
      all.add(new Broken(Rule.PLANT_BACK, cover.id(), cover.from(), risk));
    }
  }

  private int days(String key) {
    return java.util.Objects.requireNonNull(days.get(key), key);
  }
}
