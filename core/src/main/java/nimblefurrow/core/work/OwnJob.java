package nimblefurrow.core.work;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.work.FieldJob.Alternative;
import org.jspecify.annotations.Nullable;

/**
 * Work of one's own on a field: hay, silage, manure, tillage. It competes with covers for people
 * and machines.
 *
 * @param id of the job
 * @param fieldId where
 * @param work what kind
 * @param words in a grower's words; empty for those of its kind
 * @param from first day on which it may be done
 * @param to last day
 * @param with the machine that is to do it, or the person; null for any that can
 * @param hours it takes; null for what the machine's width and speed say of the area
 * @param worthUsd what is lost when it is not done in its days; null where the farm does not say
 */
public record OwnJob(
    UUID id,
    UUID fieldId,
    OwnWork work,
    String words,
    LocalDate from,
    LocalDate to,
    @Nullable UUID with,
    @Nullable Double hours,
    @Nullable Double worthUsd) {
  private static final int MOST_DAYS = 200;
  private static final double MOST_HOURS = 500;

  /** Days from a harvest to the last that still counts as behind it. */
  private static final int WHILE_AFTER_HARVEST = 300;

  public OwnJob {
    if (to.isBefore(from)) {
      throw new Refused("to", "The last day must not be before the first.");
    }
    if (ChronoUnit.DAYS.between(from, to) > MOST_DAYS) {
      throw new Refused("to", "Give it at most 200 days from the first to the last.");
    }
    if (hours != null && Need.positive("hours", "The hours", hours) > MOST_HOURS) {
      throw new Refused("hours", "Give at most 500 hours; divide what is longer.");
    }
    if (worthUsd != null) {
      Need.notNegative("worthUsd", "What it is worth", worthUsd);
    }
  }

  /**
   * {@return the same once it is known that its hours can be told}
   *
   * @param onFoot whether a person does it without a machine whose width tells
   * @throws Refused when nothing tells how long it takes
   */
  public OwnJob told(boolean onFoot) {
    if (hours == null && (onFoot || with == null && work.work().isEmpty())) {
      throw new Refused("hours", "Say how many hours it takes: no machine's width tells it.");
    }
    return this;
  }

  /**
   * {@return the same on a field that is part of its own, or has it for a part}
   *
   * @param newId of the job there
   * @param newField that field
   * @param share of its hours and of what it is worth
   */
  public OwnJob on(UUID newId, UUID newField, double share) {
    return new OwnJob(
        newId,
        newField,
        work,
        words,
        from,
        to,
        with,
        hours == null ? null : hours * share,
        worthUsd == null ? null : worthUsd * share);
  }

  /**
   * {@return whether another job is the same work in the same days}
   *
   * @param other on another part of a field
   */
  public boolean like(OwnJob other) {
    return work == other.work
        && words.equals(other.words)
        && from.equals(other.from)
        && to.equals(other.to)
        && Objects.equals(with, other.with);
  }

  /**
   * {@return both as one}
   *
   * @param other like this one
   */
  public OwnJob and(OwnJob other) {
    return new OwnJob(
        id,
        fieldId,
        work,
        words,
        from,
        to,
        with,
        sum(hours, other.hours),
        sum(worthUsd, other.worthUsd));
  }

  private static @Nullable Double sum(@Nullable Double a, @Nullable Double b) {
    return a == null || b == null ? null : Double.valueOf(a + b);
  }

  /** {@return the same, by any machine that can} */
  public OwnJob byAnyone() {
    return new OwnJob(id, fieldId, work, words, from, to, null, hours, worthUsd);
  }

  /** {@return its name in a grower's words} */
  public String said() {
    return words.isBlank() ? work.label() : words;
  }

  /** Adds it as a job on its field, unless it lies beyond the plan. */
  void add(WorkField f, int clearing, WorkFrame frame, JobList list) {
    WorkSpan span = frame.span();
    int first = Math.max(0, span.index(from));
    if (first >= span.days()) {
      return;
    }
    int last = span.clamp(span.index(to));
    String gone =
        span.index(to) < 0
            ? "its days are over: give it others, or take it out"
            : frame.who(d -> can(d) && takes(f, d) > 0).isEmpty() && !frame.who(this::can).isEmpty()
                ? "nothing tells how long it takes: say its hours, or what does it"
                : null;
    List<Alternative> ways =
        gone != null
            ? List.of()
            : frame.who(this::can).stream()
                .map(d -> new Alternative(option(f, frame, d, first, last), work.key()))
                .toList();
    After after =
        work.waitsForHarvest() && clearing >= 0
            ? new After(clearing, 0, WHILE_AFTER_HARVEST)
            : null;
    list.add(f, JobKind.own(id), said(), ways, after, gone);
  }

  private boolean can(Doer d) {
    return with != null ? d.id().equals(with) : d.does(work.work().orElse(null));
  }

  /** Hours it takes; 0 on foot where the farm says none. */
  private double takes(WorkField f, Doer d) {
    return hours == null ? d.hours(f.areaHa()) : hours;
  }

  private Option option(WorkField f, WorkFrame frame, int doer, int first, int last) {
    Doer d = frame.doers().get(doer);
    double takes = takes(f, d);
    double[] value =
        JobWorth.own(
            takes, worthUsd, d.usd(f.areaHa(), takes, 0), frame.span().days(), first, last);
    return new Option(doer, said(), takes, first, last, value);
  }
}
