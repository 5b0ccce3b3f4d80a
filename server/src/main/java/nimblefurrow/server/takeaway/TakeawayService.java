package nimblefurrow.server.takeaway;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.people.Person;
import nimblefurrow.server.people.Secrets;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.SeasonService;
import nimblefurrow.server.season.SeasonView;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.worklog.FarmRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans as files and calendars, and back. */
@Service
class TakeawayService {
  private final SeasonService seasons;
  private final PlanService plans;
  private final FarmService farms;
  private final CalendarFeeds feeds;
  private final FarmRecord record;
  private final Access access;
  private final Clock clock;

  TakeawayService(
      SeasonService seasons,
      PlanService plans,
      FarmService farms,
      CalendarFeeds feeds,
      FarmRecord record,
      Access access,
      Clock clock) {
    this.seasons = seasons;
    this.plans = plans;
    this.farms = farms;
    this.feeds = feeds;
    this.record = record;
    this.access = access;
    this.clock = clock;
  }

  /** A feed without its address. */
  record FeedView(UUID id, Instant createdAt) {}

  /** A feed just made: its address is told this once. */
  record NewFeed(UUID id, String path) {}

  String csv(UUID farmId) {
    access.see(farmId);
    return PlanCsv.write(rows(farmId));
  }

  /** All that was done and seen on a farm, in a system of units. */
  String record(UUID farmId, UnitSystem units) {
    access.see(farmId);
    return RecordCsv.write(record.of(farms.get(farmId)), units);
  }

  String calendar(UUID farmId) {
    access.see(farmId);
    return PlanCalendar.write(farms.get(farmId).name(), rows(farmId));
  }

  /** The calendar behind a secret address. */
  @Transactional(readOnly = true)
  public String feed(String secret) {
    CalendarFeed feed =
        feeds
            .findByHash(Secrets.hash(secret))
            .orElseThrow(() -> new NotFound("There is no such calendar, or it was taken back."));
    // Whoever made the address may have lost the farm since.
    if (!access.farms(feed.accountId).containsKey(feed.farmId)) {
      throw new NotFound("There is no such calendar, or it was taken back.");
    }
    return PlanCalendar.write(farms.get(feed.farmId).name(), rows(feed.farmId));
  }

  @Transactional(readOnly = true)
  public List<FeedView> feeds(UUID farmId) {
    access.see(farmId);
    return feeds.findByFarmIdOrderByCreatedAt(farmId).stream()
        .filter(f -> f.accountId.equals(access.person().id()))
        .map(f -> new FeedView(f.id, f.createdAt))
        .toList();
  }

  @Transactional
  public NewFeed makeFeed(UUID farmId) {
    access.see(farmId);
    Person person = access.person();
    String secret = Secrets.make("");
    CalendarFeed feed = new CalendarFeed();
    feed.id = UUID.randomUUID();
    feed.farmId = farmId;
    feed.accountId = person.id();
    feed.hash = Secrets.hash(secret);
    feed.createdAt = Instant.now(clock);
    feeds.save(feed);
    return new NewFeed(feed.id, "/api/calendar/" + secret + ".ics");
  }

  @Transactional
  public void revokeFeed(UUID farmId, UUID feedId) {
    access.see(farmId);
    CalendarFeed feed =
        feeds
            .findByFarmIdAndId(farmId, feedId)
            .filter(f -> f.accountId.equals(access.person().id()))
            .orElseThrow(() -> new NotFound("There is no such calendar."));
    feeds.delete(feed);
  }

  /** Stores the plans of a table, all or none; says how many changed. */
  @Transactional
  public int take(UUID farmId, byte[] file) {
    access.manage(farmId);
    FarmView farm = farms.get(farmId);
    Map<String, SeasonView.Furrow> byName = new HashMap<>();
    for (SeasonView.Furrow f : seasons.furrows(farmId)) {
      byName.put(f.name().toLowerCase(Locale.ROOT), f);
    }
    List<PlanService.Save> saves = new ArrayList<>();
    List<InputProblem.At> problems = new ArrayList<>();
    Map<UUID, String> seen = new HashMap<>();
    for (PlanCsv.Read read : PlanCsv.read(file)) {
      SeasonView.Furrow furrow = byName.get(read.field().toLowerCase(Locale.ROOT));
      if (furrow == null) {
        problems.add(
            new InputProblem.At(
                read.at(), read.at() + ": the farm has no field called “" + read.field() + "”."));
        continue;
      }
      String before = seen.put(furrow.pieceId(), read.at());
      if (before != null) {
        problems.add(
            new InputProblem.At(
                read.at(),
                read.at() + ": " + furrow.name() + " stands already in " + before + "."));
        continue;
      }
      PlanView stored = furrow.plan();
      if (stored == null) {
        saves.add(PlanService.Save.fresh(furrow.pieceId(), read.plan(), furrow.name()));
        continue;
      }
      // The table does not name machines.
      PlanInput plan = read.plan().withMachineOf(stored.plan()).withRows(stored.plan().rows());
      if (!stored.plan().equals(plan)) {
        saves.add(PlanService.Save.of(stored, plan, furrow.name()));
      }
    }
    if (!problems.isEmpty()) {
      throw new InputProblem(problems);
    }
    if (!saves.isEmpty()) {
      plans.save(
          farmId,
          farm.seasonYear(),
          saves,
          "plans of " + saves.size() + " fields imported",
          access.person().id());
    }
    return saves.size();
  }

  private List<PlanRow> rows(UUID farmId) {
    List<PlanRow> rows = new ArrayList<>();
    for (SeasonView.Furrow f : seasons.furrows(farmId)) {
      if (f.plan() == null) {
        continue;
      }
      SeasonView.WindowView w = f.window();
      rows.add(
          new PlanRow(
              f.fieldId(),
              f.name(),
              f.areaHa(),
              f.crop(),
              f.nextCrop(),
              f.nextPlantOn(),
              f.plan().plan(),
              f.coverWords(),
              SeedingMethod.of(f.plan().plan().method()).label(),
              EndingMethod.of(f.plan().plan().ending()).label(),
              w == null ? null : w.opens().day(),
              w == null ? null : w.closes().day(),
              f.goal() == null ? "" : f.goal().label()));
    }
    return rows;
  }
}
