package nimblefurrow.core.work;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.schedule.WorkProblem.Pin;
import nimblefurrow.core.work.FieldJob.Alternative;
import org.jspecify.annotations.Nullable;

/** Jobs as they are drawn up, each beside what is kept and what is settled of it. */
final class JobList {
  /** Of a job that is almost done, h. */
  private static final double LEAST_REST_H = 0.05;

  private final WorkFrame frame;
  private final Map<String, KeptJob> kept;
  private final Map<String, JobPin> pins;
  private final List<Job> jobs = new ArrayList<>();
  private final List<FieldJob> infos = new ArrayList<>();

  /**
   * @param kept by {@link #key}
   * @param pins by the same
   */
  JobList(WorkFrame frame, Map<String, KeptJob> kept, Map<String, JobPin> pins) {
    this.frame = frame;
    this.kept = kept;
    this.pins = pins;
  }

  /** What tells jobs of a farm apart. */
  static String key(UUID field, String kind) {
    return field + kind;
  }

  /** The jobs so far. */
  List<Job> jobs() {
    return jobs;
  }

  /** What they are on the farm, in the same order. */
  List<FieldJob> infos() {
    return infos;
  }

  /**
   * Adds a job unless it is done; its index, or −1.
   *
   * @param gone why there is no way; null when only a machine is lacking
   */
  int add(
      WorkField f,
      String kind,
      String words,
      List<Alternative> ways,
      @Nullable After after,
      @Nullable String gone) {
    String key = key(f.id(), kind);
    KeptJob item = kept.get(key);
    if (item != null && item.shareDone() >= 1) {
      return -1;
    }
    List<Alternative> open = new ArrayList<>(ways);
    if (item != null) {
      // The kept plan, walked again, takes the first way of its machine: the one that was kept.
      open.sort(Comparator.comparing(o -> !(o.key().equals(item.way()) && is(o, item.doer()))));
      open.replaceAll(o -> new Alternative(rest(o.option(), item.shareDone()), o.key(), o.share()));
    }
    jobs.add(
        new Job(
            key,
            f.name() + " " + kind,
            f.place().xKm(),
            f.place().yKm(),
            open.stream().map(Alternative::option).toList(),
            after,
            stands(item),
            pin(pins.get(key)),
            kit(f, kind)));
    infos.add(new FieldJob(f, kind, words, open, gone));
    return jobs.size() - 1;
  }

  /** A combine changes heads between crops; seed for an organic field goes into a clean box. */
  private static String kit(WorkField f, String kind) {
    return switch (JobKind.of(kind)) {
      case HARVEST -> f.cropKey();
      case SEED -> f.organic() ? "organic" : "conventional";
      case END, SECOND, PLANT, LOOK, OWN -> "";
    };
  }

  private boolean is(Alternative o, UUID doer) {
    return frame.doers().get(o.option().machine()).id().equals(doer);
  }

  private static Option rest(Option o, double done) {
    return new Option(
        o.machine(),
        o.label(),
        Math.max(LEAST_REST_H, o.hours() * (1 - done)),
        o.first(),
        o.last(),
        o.value(),
        o.free());
  }

  private @Nullable Kept stands(@Nullable KeptJob item) {
    if (item == null) {
      return null;
    }
    int doer = doer(item.doer());
    int on = Math.max(0, frame.span().index(item.startOn()));
    return doer < 0 ? null : new Kept(doer, on, item.shareDone() > 0);
  }

  private @Nullable Pin pin(@Nullable JobPin pin) {
    if (pin == null) {
      return null;
    }
    Set<Integer> only = new HashSet<>();
    if (pin.only() != null && doer(pin.only()) >= 0) {
      only.add(doer(pin.only()));
    }
    Set<Integer> never = new HashSet<>();
    for (UUID id : pin.never()) {
      if (doer(id) >= 0) {
        never.add(doer(id));
      }
    }
    // A pinned day that has passed holds no longer.
    int day = pin.day() == null ? -1 : Math.max(-1, frame.span().index(pin.day()));
    return new Pin(day, only, never);
  }

  private int doer(UUID id) {
    List<Integer> found = frame.who(d -> d.id().equals(id));
    return found.isEmpty() ? -1 : found.get(0);
  }
}
