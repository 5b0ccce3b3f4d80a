package nimblefurrow.server.work;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.count.KillSeen;
import nimblefurrow.core.count.WeedsSeen;
import nimblefurrow.core.ending.SecondPass;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.Told;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.core.work.OwnWork;
import nimblefurrow.server.ending.WatchService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.farm.Looking;
import nimblefurrow.server.job.SeededAsPlanned;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import nimblefurrow.server.worklog.SeasonLog;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Jobs of the plan and the log of the field they are done on: each closes the other. */
@Component
class DoneLog {
  private final LogService log;
  private final WatchService watch;
  private final FarmService farms;
  private final PlannedFields planned;
  private final SeededAsPlanned seeded;
  private final PlanDays planDays;
  private final Looking looking;
  private final OwnJobService own;

  DoneLog(
      LogService log,
      WatchService watch,
      FarmService farms,
      PlannedFields planned,
      SeededAsPlanned seeded,
      PlanDays planDays,
      Looking looking,
      OwnJobService own) {
    this.seeded = seeded;
    this.planDays = planDays;
    this.looking = looking;
    this.own = own;
    this.log = log;
    this.watch = watch;
    this.farms = farms;
    this.planned = planned;
  }

  /** What is written down of the covers of several farms, each asked for once. */
  final class Written {
    private final UUID farmId;
    private final Map<UUID, Map<UUID, SeasonLog>> byFarm = new HashMap<>();

    private Written(UUID farmId) {
      this.farmId = farmId;
    }

    private SeasonLog of(WorkItem item) {
      UUID worked = item.customerId == null ? farmId : item.customerId;
      UUID link = JobKind.link(item.job);
      return byFarm
          .computeIfAbsent(worked, w -> planned.logs(farms.get(w)))
          .getOrDefault(link == null ? item.fieldId : link, SeasonLog.EMPTY);
    }

    /** The day on which the field's log says that a job was done; null when it does not. */
    @Nullable LocalDate day(WorkItem item) {
      return JobKind.of(item.job).ofTheSeason() ? written(item, of(item)) : null;
    }
  }

  /** What is written down for a farm's jobs, to be asked of many of them. */
  Written read(FarmView farm) {
    return new Written(farm.id());
  }

  /** What a count found alive, or weeds that came through, is still to be seen to. */
  private static boolean due(SeasonLog season) {
    KillSeen killed = season.killed();
    WeedsSeen weeds = season.weeds();
    return killed != null && killed.poor() || weeds != null && weeds.rescue();
  }

  private static @Nullable LocalDate written(WorkItem item, SeasonLog season) {
    LocalDate day = season.done().get(kinds(item).get(0));
    LocalDate ended = season.done().get(Deed.ENDING.logKind());
    boolean doneBefore =
        JobKind.of(item.job) == JobKind.SECOND
            && day != null
            && (ended == null || day.isBefore(ended) || due(season));
    return doneBefore ? null : day;
  }

  /**
   * Writes down a job that is done; what was looked at is ticked off instead.
   *
   * @return the day it counts for: that of the log, where the log has it already
   */
  LocalDate write(FarmView farm, WorkItem item, String label, LocalDate day, UUID account) {
    if (looks(item)) {
      watch.done(farm.id(), item.fieldId, JobKind.about(item.job), day);
      return day;
    }
    JobKind.ownId(item.job).ifPresent(id -> own.done(farm.id(), id, day));
    LocalDate there = read(farm).day(item);
    if (there != null) {
      return there;
    }
    UUID worked = item.customerId == null ? farm.id() : item.customerId;
    String words = label + ", from the plan";
    if (item.customerId != null) {
      words += " of " + farms.get(farm.id()).name();
    }
    for (LogKind kind : kinds(item)) {
      if (kind == Deed.SEEDING.logKind()
          && item.customerId == null
          && asPlanned(farm, item, entry(item, kind), words, day, account)) {
        continue;
      }
      log.add(
          worked,
          item.fieldId,
          EntryView.of(entry(item, kind), day, kind, words, how(item, kind)),
          farm.today(),
          account);
    }
    return day;
  }

  /** A seeding with what its sheet says of it; not where its cover was planned away since. */
  private boolean asPlanned(
      FarmView farm, WorkItem item, UUID entry, String words, LocalDate day, UUID account) {
    UUID link = JobKind.link(item.job);
    return planDays.of(farm.id()).containsKey(link == null ? item.fieldId : link)
        && looking.on(
            link,
            () -> seeded.write(farm.id(), item.fieldId, entry, item.doerId, day, words, account));
  }

  private static boolean looks(WorkItem item) {
    return JobKind.of(item.job) == JobKind.LOOK;
  }

  /** What a job does to its field; the combine that seeds does two things. */
  private static List<LogKind> kinds(WorkItem item) {
    List<LogKind> kinds = new ArrayList<>();
    JobKind job = JobKind.of(item.job);
    if (job == JobKind.OWN) {
      return List.of(OwnWork.of(item.way).logKind());
    }
    kinds.add(
        job.deed()
            .map(Deed::logKind)
            .orElseGet(() -> LogKind.ofSecondPass(SecondPass.workOf(item.way))));
    if (job == JobKind.HARVEST
        && SeedingMethods.find(item.way).filter(SeedingMethod::goesWithCombine).isPresent()) {
      kinds.add(Deed.SEEDING.logKind());
    }
    return kinds;
  }

  /**
   * Takes it back.
   *
   * @throws Refused when it was written down on the field and not by this job
   */
  void remove(FarmView farm, WorkItem item) {
    if (looks(item)) {
      watch.done(farm.id(), item.fieldId, JobKind.about(item.job), null);
      return;
    }
    JobKind.ownId(item.job).ifPresent(id -> own.done(farm.id(), id, null));
    UUID worked = item.customerId == null ? farm.id() : item.customerId;
    boolean any = false;
    for (EntryView e : log.of(worked, item.fieldId)) {
      for (LogKind kind : kinds(item)) {
        if (e.id().equals(entry(item, kind))) {
          log.drop(worked, e.id());
          any = true;
        }
      }
    }
    if (!any) {
      throw new Refused(
          "share", "It stands in the field's log, written there by hand; take it out there.");
    }
  }

  /** The way of an ending goes into the record with it. */
  private static Told how(WorkItem item, LogKind kind) {
    return kind == Deed.ENDING.logKind()
        ? new Told(Map.of(), Map.of(EntryName.ENDING, item.way))
        : Told.NOTHING;
  }

  private static UUID entry(WorkItem item, LogKind kind) {
    return entry(item.id, kind);
  }

  /** What the entry is called that a job writes. */
  static UUID entry(UUID item, LogKind kind) {
    return UUID.nameUUIDFromBytes((item + kind.key() + "done").getBytes(StandardCharsets.UTF_8));
  }
}
