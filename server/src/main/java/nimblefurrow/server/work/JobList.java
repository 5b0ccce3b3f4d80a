package nimblefurrow.server.work;

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
import nimblefurrow.server.season.PlannedFields.PlannedField;
import org.jspecify.annotations.Nullable;

/** Gathers jobs, with what is kept and what is settled about each. */
final class JobList {
  private final JobFrame frame;
  private final UUID farmId;
  private final Map<String, WorkItem> kept;
  private final Map<String, WorkPin> pins;
  private final Map<UUID, WorkBuilder.Place> places;

  /** The jobs so far. */
  final List<Job> jobs = new ArrayList<>();

  /** What they are on the farm, in the same order. */
  final List<WorkBuilder.JobInfo> infos = new ArrayList<>();

  JobList(
      JobFrame frame,
      UUID farmId,
      Map<String, WorkItem> kept,
      Map<String, WorkPin> pins,
      Map<UUID, WorkBuilder.Place> places) {
    this.frame = frame;
    this.farmId = farmId;
    this.kept = kept;
    this.pins = pins;
    this.places = places;
  }

  /**
   * A way of doing a job and its name.
   *
   * @param share of the field's goal that it reaches by day; null for work without one
   */
  record Offer(Option option, String key, double @Nullable [] share) {
    Offer(Option option, String key) {
      this(option, key, null);
    }
  }

  /** Adds a job unless it is done; its index, or −1. */
  int add(PlannedField f, String kind, String words, List<Offer> offers, @Nullable After after) {
    return add(f, kind, words, offers, after, null);
  }

  /**
   * The same with why there is no way, where there is none.
   *
   * @param gone in words; null when only a machine is lacking
   */
  int add(
      PlannedField f,
      String kind,
      String words,
      List<Offer> offers,
      @Nullable After after,
      @Nullable String gone) {
    UUID id = f.field().id();
    WorkItem item = kept.get(id + kind);
    if (item != null && item.shareDone >= 1) {
      return -1;
    }
    List<Offer> open = new ArrayList<>(offers);
    if (item != null) {
      // The kept plan, walked again, takes the first way of its machine: the one that was kept.
      open.sort(Comparator.comparing(o -> !(o.key().equals(item.way) && is(o, item.doerId))));
      open.replaceAll(o -> new Offer(rest(o.option(), item.shareDone), o.key(), o.share()));
    }
    WorkBuilder.Place place = places.getOrDefault(id, WorkBuilder.SOMEWHERE);
    jobs.add(
        new Job(
            id + kind,
            f.field().name() + " " + kind,
            place.xKm(),
            place.yKm(),
            open.stream().map(Offer::option).toList(),
            after,
            stands(item),
            pin(pins.get(id + kind)),
            kit(f, kind)));
    boolean ours = f.farm().id().equals(farmId);
    infos.add(
        new WorkBuilder.JobInfo(
            id,
            f.field().name(),
            ours ? null : f.farm().id(),
            ours ? null : f.farm().name(),
            kind,
            words,
            open.stream().map(this::way).toList(),
            gone));
    return jobs.size() - 1;
  }

  /** A combine changes heads between crops; seed for an organic field goes into a clean box. */
  private static String kit(PlannedField f, String kind) {
    return switch (kind) {
      case "harvest" -> f.field().crop().kind();
      case "seed" -> f.field().organic() ? "organic" : "conventional";
      default -> "";
    };
  }

  private boolean is(Offer o, UUID doer) {
    return frame.doers().get(o.option().machine()).id().equals(doer);
  }

  private WorkBuilder.Way way(Offer o) {
    return new WorkBuilder.Way(o.key(), o.option().label(), o.option().hours(), o.share());
  }

  private static Option rest(Option o, double done) {
    return new Option(
        o.machine(),
        o.label(),
        Math.max(0.05, o.hours() * (1 - done)),
        o.first(),
        o.last(),
        o.value(),
        o.free());
  }

  private @Nullable Kept stands(@Nullable WorkItem item) {
    if (item == null) {
      return null;
    }
    int doer = doer(item.doerId);
    int on = Math.max(0, frame.index(item.startOn));
    return doer < 0 ? null : new Kept(doer, on, item.shareDone > 0);
  }

  private @Nullable Pin pin(@Nullable WorkPin pin) {
    if (pin == null) {
      return null;
    }
    Set<Integer> only = new HashSet<>();
    if (pin.onlyDoer != null && doer(pin.onlyDoer) >= 0) {
      only.add(doer(pin.onlyDoer));
    }
    Set<Integer> never = new HashSet<>();
    for (UUID id : pin.neverDoers) {
      if (doer(id) >= 0) {
        never.add(doer(id));
      }
    }
    // A pinned day that has passed holds no longer.
    int day = pin.day == null ? -1 : Math.max(-1, frame.index(pin.day));
    return new Pin(day, only, never);
  }

  private int doer(UUID id) {
    List<Integer> found = frame.who(d -> d.id().equals(id));
    return found.isEmpty() ? -1 : found.get(0);
  }
}
