package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** A way of ending with a roller crimper; for a mix the last species to ripen sets its date. */
abstract class RollMethod extends EndingMethod {
  /** In so large a part of the years it is ripe in time to count as fitting. Working value. */
  static final double MOSTLY = 0.7;

  /** Thinner cover is not held down by the drum, Mg/ha. Working value. */
  private static final double TALL_ENOUGH_MG = 2;

  /** Species that ripen further apart than this are not rolled well together. Working value. */
  private static final double APART_DAYS = 10;

  private static final double WINTER_MOSTLY = 0.8;
  private static final double KEY_STAGE = 1.0;
  private static final double SOFT_DOUGH = 1.36;
  private static final double LATE_POD = 1.25;

  RollMethod(String key) {
    super(EndingTraits.shipped(key));
  }

  @Override
  public final boolean rolls() {
    return true;
  }

  @Override
  public List<Ending> acts(LocalDate on) {
    return List.of(Ending.Roll.usual(on));
  }

  @Override
  protected final WatchList.Item watch(WatchList.Ended e) {
    return WatchList.item(
        "kill",
        e.endOn().plusDays(10),
        e.endOn().plusDays(14),
        "count the kill in marked frames",
        "stems that stand up again are ended by a second pass, same direction");
  }

  /** From mid-anthesis or full bloom on the drum kills. */
  static ToDoubleFunction<Species> ripe() {
    return s -> KEY_STAGE;
  }

  /** After soft dough, or late pod, it is late. */
  static ToDoubleFunction<Species> late() {
    return s -> s.clock().scale().cereal() ? SOFT_DOUGH : LATE_POD;
  }

  static void notRollable(EndingField field, EndingFinding found) {
    field
        .species(s -> s.advice().roller().equals("no"))
        .forEach(
            s ->
                found.no(
                    Reason.of("{species} stands up again after the roller")
                        .with("species", s.name())));
  }

  /** Whether winter leaves nothing to roll; says so. */
  static boolean winterIsFirst(EndingField field, EndingFinding found) {
    boolean gone = field.yearsWinterKills() > WINTER_MOSTLY * field.years();
    if (gone) {
      found.no(Reason.of("winter kills it first: nothing to roll"));
    }
    return gone;
  }

  static void asItStands(EndingField field, EndingFinding found) {
    double cover = field.coverOn(found.middle()).median();
    if (cover < TALL_ENOUGH_MG) {
      found.care(
          Reason.of("only {cover} stands then: too short and thin for the drum")
              .with("cover", cover, Unit.MG_PER_HA));
    } else {
      found.because(
          Reason.of("{cover} stands then in the middle year").with("cover", cover, Unit.MG_PER_HA));
    }
    seededThick(field, found);
    seenFromBelow(field, found);
  }

  /** What goes out thin, as to hold soil, leaves gaps once it is rolled. */
  private static void seededThick(EndingField field, EndingFinding found) {
    List<CoverComponent> cover = field.plan().cover();
    if (cover.size() > 1) {
      return;
    }
    CoverComponent c = cover.get(0);
    Species.Rates rates = field.plan().method().rateBasis().of(c.species());
    if (c.rateKgPerHa() < rates.typical()) {
      found.because(
          Reason.of(
                  "at {rate} it is seeded light: to be rolled {species} goes out at {typical} to"
                      + " {high}")
              .with("rate", c.rateKgPerHa(), Unit.KG_PER_HA)
              .with("species", c.species().name())
              .with("typical", rates.typical(), Unit.KG_PER_HA)
              .with("high", rates.high(), Unit.KG_PER_HA));
    }
  }

  private static void seenFromBelow(EndingField field, EndingFinding found) {
    if (field.plan().cover().stream().anyMatch(c -> c.species().clock().scale().cereal())) {
      found.because(
          Reason.of("ripe shows low on the stem too: yellow from below, it crimps at the base"));
    }
    found.because(Reason.of("ruts and wheel tracks left at seeding shelter plants from the drum"));
  }

  static void ripenApart(EndingField field, EndingFinding found) {
    double[] key =
        IntStream.range(0, field.plan().cover().size())
            .mapToDouble(i -> field.ripe(i, KEY_STAGE).median())
            .toArray();
    int first = IntStream.range(0, key.length).reduce((a, b) -> key[a] <= key[b] ? a : b).orElse(0);
    int last = IntStream.range(0, key.length).reduce((a, b) -> key[a] >= key[b] ? a : b).orElse(0);
    if (field.reached(key[last]) && key[last] - key[first] > APART_DAYS) {
      found.care(
          Reason.of("{last} ripens {days} after {first}; waiting lets {first} set seed")
              .with("last", field.plan().cover().get(last).species().name())
              .with("first", field.plan().cover().get(first).species().name())
              .with("days", key[last] - key[first], Unit.DAYS));
    }
  }
}
