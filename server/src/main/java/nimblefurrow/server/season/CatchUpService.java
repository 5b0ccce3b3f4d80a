package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.standing.DeedStanding.State;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanStatus;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What should have happened and nobody has said anything of. Callers have checked who asks. */
@Service
class CatchUpService {
  private final FarmService farms;
  private final FieldService fields;
  private final WeatherService weathers;
  private final FieldCases cases;
  private final Standings standings;
  private final Outlooks outlooks;
  private final LogService log;

  CatchUpService(
      FarmService farms,
      FieldService fields,
      WeatherService weathers,
      FieldCases cases,
      Standings standings,
      Outlooks outlooks,
      LogService log) {
    this.farms = farms;
    this.fields = fields;
    this.weathers = weathers;
    this.cases = cases;
    this.standings = standings;
    this.outlooks = outlooks;
    this.log = log;
  }

  /**
   * One thing nobody has said anything of.
   *
   * @param words what it is
   * @param meantFor the day it was planned for
   * @param counts how it counts until somebody says
   * @param consequences what hangs on it, with its odds
   */
  record Unsaid(
      UUID fieldId,
      String field,
      Deed deed,
      String words,
      LocalDate meantFor,
      State state,
      ReasonView counts,
      List<ReasonView> consequences) {}

  /**
   * What somebody says of one.
   *
   * @param day for one done on another day than planned
   * @param share for one done in part, above 0 and below 1
   */
  record DeedAnswer(
      UUID fieldId, Deed deed, DeedSaying said, @Nullable LocalDate day, @Nullable Double share) {}

  /** Log entries that were written, to be taken back, and what is still unsaid. */
  record Answered(List<UUID> entries, List<UUID> fields, List<Unsaid> left) {}

  /** All that is unsaid, oldest first. */
  List<Unsaid> unsaid(UUID farmId) {
    FarmView farm = farms.get(farmId);
    FarmWeather weather = weathers.find(farm).orElse(null);
    if (weather == null) {
      return List.of();
    }
    List<FieldView> all = fields.list(farmId);
    FieldCases.Known known = cases.known(farm, all);
    return all.stream()
        .flatMap(
            f -> {
              FieldCase c = cases.of(farm, f, known);
              PlanView plan = c.plan();
              return of(farm, c, weather, plan == null ? null : plan.plan()).stream();
            })
        .sorted(Comparator.comparing(Unsaid::meantFor))
        .toList();
  }

  private List<Unsaid> of(
      FarmView farm, FieldCase c, FarmWeather weather, @Nullable PlanInput plan) {
    Standings.Placing p = standings.of(farm, c, weather, plan);
    List<Unsaid> all = new ArrayList<>();
    for (Deed deed : Deed.values()) {
      DeedStanding s = p.standing().of(deed);
      if (s.unknown() && asked(c, deed, plan)) {
        all.add(
            new Unsaid(
                c.field().id(),
                c.field().name(),
                deed,
                words(c, deed, plan),
                s.meantFor(),
                s.state(),
                ReasonView.of(counts(s)),
                consequences(farm, c, weather, plan, p, s).stream().map(ReasonView::of).toList()));
      }
    }
    return all;
  }

  /** Nobody is asked after a cover that was only proposed, nor whether winter came. */
  private static boolean asked(FieldCase c, Deed deed, @Nullable PlanInput plan) {
    if (deed.cropOwn()) {
      // Behind another cover there is nothing to harvest: its ending is asked after by itself.
      return !(deed == Deed.HARVEST && c.before() != null);
    }
    boolean promised =
        plan != null && (plan.status() == PlanStatus.ACCEPTED || c.kept().containsKey(deed));
    boolean winter = plan != null && EndingMethod.of(plan.ending()).ofItself();
    return promised && !(deed == Deed.ENDING && winter);
  }

  private static String words(FieldCase c, Deed deed, @Nullable PlanInput plan) {
    return switch (deed) {
      case HARVEST -> "harvest " + CropKind.of(c.field().crop().kind()).label();
      case PLANTING -> "plant " + CropKind.of(c.field().nextCrop().kind()).label();
      case SEEDING -> plan == null ? "seed" : c.seedWords(plan);
      case ENDING -> plan == null ? "end the cover" : EndingMethod.of(plan.ending()).label();
    };
  }

  private static Reason counts(DeedStanding s) {
    String text =
        switch (s.state()) {
          case LIKELY -> "counts as done on {day}: crops do not wait";
          case OVERDUE -> "counts as not done, and stays due";
          case TOO_LATE -> "counts as never done: its window has passed";
          default -> "";
        };
    Reason reason = Reason.of(text);
    return s.state() == State.LIKELY ? reason.with("day", s.day()) : reason;
  }

  private List<Reason> consequences(
      FarmView farm,
      FieldCase c,
      FarmWeather weather,
      @Nullable PlanInput plan,
      Standings.Placing p,
      DeedStanding s) {
    if (plan == null || !(s.state() == State.OVERDUE || s.state() == State.TOO_LATE)) {
      return List.of();
    }
    Purpose purpose = FieldCase.purpose(plan);
    CropSeasons crop = p.crop();
    CoverPlan meant = c.asPlanned(plan);
    Outlook then = outlooks.outlook(meant, crop, weather);
    CoverPlan now = p.cover();
    if (s.deed() == Deed.SEEDING) {
      Reason as =
          Reason.of("seeded on {day}: {purpose} in {met} of {years} years")
              .with("day", meant.seedOn())
              .with("purpose", purpose.label())
              .with("met", then.met(purpose, purpose.target()), Unit.COUNT)
              .with("years", then.years(), Unit.COUNT);
      if (now == null) {
        return List.of(
            as, Reason.of("never seeded: no cover, no ending, nothing to roll or spray"));
      }
      Outlook today = outlooks.outlook(now, crop, weather);
      return List.of(
          as,
          Reason.of("seeded today: {met} of {years}")
              .with("met", today.met(purpose, purpose.target()), Unit.COUNT)
              .with("years", today.years(), Unit.COUNT));
    }
    if (now == null) {
      return List.of();
    }
    double at = then.middleOn(s.meantFor());
    double today = then.middleOn(farm.today());
    return List.of(
        Reason.of("ended on {day}: {cover} of cover; standing today: {today}")
            .with("day", s.meantFor())
            .with("cover", at, Unit.MG_PER_HA)
            .with("today", today, Unit.MG_PER_HA));
  }

  /** Writes answers down, all or none. */
  @Transactional
  public List<UUID> answer(UUID farmId, List<DeedAnswer> answers, UUID account) {
    FarmView farm = farms.get(farmId);
    List<UUID> entries = new ArrayList<>();
    for (DeedAnswer a : answers) {
      entries.addAll(answer(farm, a, account));
    }
    return entries;
  }

  private List<UUID> answer(FarmView farm, DeedAnswer a, UUID account) {
    Deed deed = a.deed();
    FieldCase c = cases.of(farm, a.fieldId());
    int season = farm.seasonYear();
    switch (a.said()) {
      case NOT_DONE -> log.say(farm.id(), a.fieldId(), season, deed, farm.today(), 0.0, account);
      case PARTLY -> {
        if (a.share() == null || !(a.share() > 0 && a.share() < 1)) {
          throw new Refused(
              "share", "Say how much of it is done, more than none and less than all.");
        }
        log.say(farm.id(), a.fieldId(), season, deed, farm.today(), a.share(), account);
      }
      case OPEN -> log.say(farm.id(), a.fieldId(), season, deed, farm.today(), null, account);
      case AS_PLANNED, ON_DAY -> {
        LocalDate day = a.said() == DeedSaying.ON_DAY ? a.day() : planned(farm, c, deed);
        if (day == null) {
          throw new InputProblem("day", "Say on which day it was done.");
        }
        UUID id = UUID.randomUUID();
        log.add(
            farm.id(),
            a.fieldId(),
            EntryView.of(id, day, deed.logKind(), "written down later"),
            farm.today(),
            account);
        log.say(farm.id(), a.fieldId(), season, deed, farm.today(), null, account);
        return List.of(id);
      }
    }
    return List.of();
  }

  /** The day a deed counts for, or was meant for. */
  private LocalDate planned(FarmView farm, FieldCase c, Deed deed) {
    PlanView stored = c.plan();
    DeedStanding s =
        standings
            .of(farm, c, weathers.of(farm), stored == null ? null : stored.plan())
            .standing()
            .of(deed);
    if (s.state() == State.NONE) {
      throw new Refused("deed", c.field().name() + " has nothing like that planned.");
    }
    return s.day().isAfter(farm.today()) ? farm.today() : s.day();
  }
}
