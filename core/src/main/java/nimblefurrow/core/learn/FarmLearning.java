package nimblefurrow.core.learn;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.learn.Correction.Pair;

/**
 * All that a farm's records say of its forecasts.
 *
 * @param records what was said and what was seen
 * @param off what the farm does not want corrected
 */
public record FarmLearning(List<Seen> records, Set<Learnt> off) {
  /** From so many records on a machine or a species has a factor of its own. */
  public static final int OWN_FROM = 5;

  /** A record that is off by more than so many times is set aside. Working value. */
  private static final double ODD = 3;

  /** Nothing written down yet. */
  public static final FarmLearning NOTHING = new FarmLearning(List.of(), Set.of());

  /** Keeps its own copies. */
  public FarmLearning {
    records = List.copyOf(records);
    off = Set.copyOf(off);
  }

  /**
   * One record.
   *
   * @param what it tells of
   * @param subject the machine or species it is of, by its key; empty where it is of the farm alone
   * @param name of that, for a list
   * @param field where
   * @param on when it was seen
   * @param predicted what was said without any correction, above zero
   * @param actual what was seen, above zero
   */
  public record Seen(
      Learnt what,
      String subject,
      String name,
      String field,
      LocalDate on,
      double predicted,
      double actual) {
    /**
     * {@return whether it tells of what is usual: what came at less than a third or more than three
     * times of what was said is a failure or a slip, which no habit explains}
     */
    public boolean usual() {
      return Math.abs(Math.log(actual / predicted)) <= Math.log(ODD);
    }

    Pair pair() {
      return new Pair(predicted, actual);
    }
  }

  /**
   * {@return what all records of something say}
   *
   * @param what it is about
   */
  public Correction of(Learnt what) {
    return Correction.of(pairs(what, null), Correction.USUAL_PRIOR_SD, Correction.USUAL_NOISE_SD);
  }

  /**
   * {@return what the records of one machine or species say, drawn toward the farm's; nothing while
   * they are too few}
   *
   * @param what it is about
   * @param subject key of the machine or species
   */
  public Optional<Correction> of(Learnt what, String subject) {
    List<Pair> own = pairs(what, subject);
    return own.size() < OWN_FROM
        ? Optional.empty()
        : Optional.of(
            Correction.of(
                own, of(what).factor(), Correction.USUAL_PRIOR_SD, Correction.USUAL_NOISE_SD));
  }

  /**
   * {@return by what a forecast is multiplied: 1 while records are too few or the farm does not
   * want it}
   *
   * @param what it is about
   * @param subject key of the machine or species; empty for the farm's
   */
  public double factor(Learnt what, String subject) {
    if (off.contains(what)) {
      return 1;
    }
    Correction farm = of(what);
    return farm.applied() ? of(what, subject).orElse(farm).factor() : 1;
  }

  /**
   * {@return the machines or species that records are of, names by keys, in their order}
   *
   * @param what it is about
   */
  public Map<String, String> subjects(Learnt what) {
    Map<String, String> all = new LinkedHashMap<>();
    for (Seen r : records) {
      if (r.what() == what && !r.subject().isEmpty()) {
        all.put(r.subject(), r.name());
      }
    }
    return all;
  }

  private List<Pair> pairs(Learnt what, @org.jspecify.annotations.Nullable String subject) {
    return records.stream()
        .filter(r -> r.what() == what && r.usual())
        .filter(r -> subject == null || (!subject.isEmpty() && r.subject().equals(subject)))
        .map(Seen::pair)
        .toList();
  }
}
