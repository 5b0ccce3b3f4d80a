package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.work.FieldJob.Alternative;

/**
 * Something taken on from a watch list, done by anyone on foot.
 *
 * @param fieldId where
 * @param about what, as the watch list names it
 * @param from first day
 * @param to last day
 * @param words in a grower's words
 */
public record Look(UUID fieldId, String about, LocalDate from, LocalDate to, String words) {
  /** A walk, h. Working value. */
  private static final double HOURS = 0.5;

  /** Adds it as a job on its field, unless it lies beyond the plan. */
  void add(WorkField f, WorkFrame frame, JobList list) {
    WorkSpan span = frame.span();
    int first = Math.max(0, span.index(from));
    if (first >= span.days()) {
      return;
    }
    int last = span.clamp(Math.max(0, span.index(to)));
    double[] value = JobWorth.look(span.days(), first, last);
    List<Alternative> ways =
        frame.who(d -> d.does(null)).stream()
            .map(d -> new Alternative(new Option(d, words, HOURS, first, last, value), about))
            .toList();
    list.add(f, JobKind.look(about), words, ways, null, null);
  }
}
