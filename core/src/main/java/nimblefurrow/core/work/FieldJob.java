package nimblefurrow.core.work;

import java.util.List;
import nimblefurrow.core.schedule.WorkProblem.Option;
import org.jspecify.annotations.Nullable;

/**
 * What one job of a problem is on the farm.
 *
 * @param field where
 * @param job its name on its field, by {@link JobKind}
 * @param words in a grower's words
 * @param alternatives ways of doing it, in the order of the problem's options
 * @param gone why there is none; null where there is one, or only a machine is lacking
 */
public record FieldJob(
    WorkField field,
    String job,
    String words,
    List<Alternative> alternatives,
    @Nullable String gone) {
  public FieldJob {
    alternatives = List.copyOf(alternatives);
  }

  /** {@return what kind of job it is} */
  public JobKind kind() {
    return JobKind.of(job);
  }

  /**
   * A way of doing a job.
   *
   * @param option as the problem takes it
   * @param key its name on the wire
   * @param share of the field's goal that it reaches by day; null for work without one
   */
  public record Alternative(Option option, String key, double @Nullable [] share) {
    Alternative(Option option, String key) {
      this(option, key, null);
    }

    /** {@return its name in a grower's words} */
    public String label() {
      return option.label();
    }
  }
}
