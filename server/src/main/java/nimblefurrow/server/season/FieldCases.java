package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.learn.FarmLearning;
import nimblefurrow.core.learn.Learnt;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.standing.KeptDay;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.farm.Looking;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.learn.LearningService;
import nimblefurrow.server.plan.Links;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.worklog.LogService;
import nimblefurrow.server.worklog.SeasonLog;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Finds fields with what is known of them, as the core takes them. */
@Component
class FieldCases {
  private final FieldService fields;
  private final LogService log;
  private final SpeciesService species;
  private final KeptDays keptDays;
  private final SeedWentOut wentOut;
  private final PlanService plans;
  private final Looking looking;
  private final LearningService learning;
  private final WishedDays wished;

  FieldCases(
      FieldService fields,
      LogService log,
      SpeciesService species,
      KeptDays keptDays,
      SeedWentOut wentOut,
      PlanService plans,
      Looking looking,
      LearningService learning,
      WishedDays wished) {
    this.learning = learning;
    this.wished = wished;
    this.plans = plans;
    this.looking = looking;
    this.wentOut = wentOut;
    this.keptDays = keptDays;
    this.fields = fields;
    this.log = log;
    this.species = species;
  }

  /** A field with the cover that was asked for; without one named, the one that is on now. */
  FieldCase of(FarmView farm, UUID fieldId) {
    FieldView field = fields.get(farm.id(), fieldId);
    Known known = known(farm, List.of(field));
    String named = looking.link();
    if (named == null) {
      return of(farm, field, known);
    }
    List<FieldCase> all = links(farm, field, known);
    if (named.startsWith(Looking.NEW)) {
      return fresh(farm, field, known, all, named.substring(Looking.NEW.length()));
    }
    return all.get(at(farm, field, all, named));
  }

  /** Which of a season's covers has an id. */
  private static int at(FarmView farm, FieldView field, List<FieldCase> all, String id) {
    return IntStream.range(0, all.size())
        .filter(i -> all.get(i).plan() != null)
        .filter(i -> Objects.requireNonNull(all.get(i).plan()).id().toString().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new NotFound(
                    "%s has no such cover in the season %d."
                        .formatted(field.name(), farm.seasonYear())));
  }

  /** A field with one of its stored covers; the one that is on now when none is named. */
  FieldCase stored(FarmView farm, FieldView field, @Nullable UUID planId) {
    Known known = known(farm, List.of(field));
    // It may be of another season than the one that is looked at.
    int season =
        known.covers().getOrDefault(field.piece(), List.of()).stream()
            .filter(p -> p.id().equals(planId))
            .map(PlanView::seasonYear)
            .findFirst()
            .orElse(farm.seasonYear());
    if (season != farm.seasonYear()) {
      return stored(farm.in(season), fields.in(farm.id(), field.id(), season), planId);
    }
    return links(farm, field, known).stream()
        .filter(c -> planId != null && c.plan() != null && c.plan().id().equals(planId))
        .findFirst()
        .orElseGet(() -> of(farm, field, known));
  }

  /** A field with the cover that is on now, or comes next; the last when all are over. */
  FieldCase of(FarmView farm, FieldView field, Known known) {
    List<FieldCase> all = links(farm, field, known);
    return all.stream()
        .filter(c -> !c.over(farm.today()))
        .findFirst()
        .orElse(all.get(all.size() - 1));
  }

  /** A field once for each of its season's covers; once without a plan when it has none. */
  List<FieldCase> links(FarmView farm, FieldView field, Known known) {
    List<PlanView> all = known.covers().getOrDefault(field.piece(), List.of());
    List<PlanView> mine =
        field.leftOutReason() != null
            ? List.of()
            : all.stream().filter(p -> p.seasonYear() == farm.seasonYear()).toList();
    FieldCase.Before before = before(farm, field, known, all);
    if (mine.isEmpty()) {
      return List.of(one(field, farm.seasonYear(), known, null, before, null, false));
    }
    List<FieldCase> cases = new ArrayList<>();
    for (int i = 0; i < mine.size(); i++) {
      LocalDate followedOn = i + 1 < mine.size() ? mine.get(i + 1).plan().seedOn() : null;
      FieldCase c = one(field, farm.seasonYear(), known, mine.get(i), before, followedOn, i > 0);
      cases.add(c);
      before = c.leaves();
    }
    return promisedOnce(farm, cases);
  }

  /** The covers of a season that are not over; the last when all are. */
  List<FieldCase> open(FarmView farm, FieldView field, Known known) {
    List<FieldCase> all = links(farm, field, known);
    List<FieldCase> open = all.stream().filter(c -> !c.over(farm.today())).toList();
    return open.isEmpty() ? List.of(all.get(all.size() - 1)) : open;
  }

  /** What was said of deeds is of the cover that is on. */
  private static List<FieldCase> promisedOnce(FarmView farm, List<FieldCase> cases) {
    int on = 0;
    while (on < cases.size() - 1 && cases.get(on).over(farm.today())) {
      on++;
    }
    FieldCase now = cases.get(on);
    return cases.stream().map(c -> c == now ? c : c.unpromised()).toList();
  }

  /**
   * A field with room for a cover: behind the last there is, before the first, or behind one.
   *
   * @param where nothing, {@link Looking#FIRST}, or the id of the cover it comes behind
   */
  private FieldCase fresh(
      FarmView farm, FieldView field, Known known, List<FieldCase> all, String where) {
    FieldCase first = all.get(0);
    if (first.plan() == null) {
      return first;
    }
    if (where.equals(Looking.FIRST)) {
      LocalDate followedOn = first.plan().plan().seedOn();
      return one(field, farm.seasonYear(), known, null, first.before(), followedOn, false)
          .unpromised();
    }
    int i = where.isEmpty() ? all.size() - 1 : at(farm, field, all, where.substring(1));
    PlanView next = i + 1 < all.size() ? all.get(i + 1).plan() : null;
    LocalDate followedOn = next == null ? null : next.plan().seedOn();
    return one(field, farm.seasonYear(), known, null, all.get(i).leaves(), followedOn, true)
        .unpromised();
  }

  /** Where no crop grows in a season, its first cover follows the last one of the season before. */
  private FieldCase.@Nullable Before before(
      FarmView farm, FieldView field, Known known, List<PlanView> all) {
    int earlier = farm.seasonYear() - 1;
    boolean open = CropKind.of(field.crop().kind()) == CropKind.NONE;
    PlanView last =
        all.stream().filter(p -> p.seasonYear() == earlier).reduce((a, b) -> b).orElse(null);
    if (!open || last == null) {
      return null;
    }
    FieldView then = fields.in(farm.id(), field.id(), earlier);
    FieldCase c = one(then, earlier, known, last, null, null, false);
    return c.leaves();
  }

  private FieldCase one(
      FieldView field,
      int season,
      Known known,
      @Nullable PlanView plan,
      FieldCase.@Nullable Before before,
      @Nullable LocalDate followedOn,
      boolean later) {
    SeasonLog log =
        mine(
            plan,
            known.covers().getOrDefault(field.piece(), List.of()),
            season == known.season() ? known.log(field) : known.logBefore(field),
            known.table(),
            later);
    return new FieldCase(
        field,
        season,
        log,
        known.table(),
        known.said().getOrDefault(field.id(), Map.of()),
        later ? known.keptOf(field, plan) : known.kept().getOrDefault(field.id(), Map.of()),
        Seeded.of(log, known.wentOut()),
        plan,
        before,
        followedOn,
        later,
        start(known.learnt()),
        season == known.season() ? known.moved().get(field.id()) : null);
  }

  /** How fields of the farm begin, with what of the model's covers comes on it. */
  private static FieldStart start(FarmLearning learnt) {
    return FieldStart.USUAL.bringing(
        learnt.factor(Learnt.GROWTH, ""), learnt.factor(Learnt.STAND, ""));
  }

  /** Of a season's log what is of one cover; what is of none is the first one's. */
  private static SeasonLog mine(
      @Nullable PlanView plan,
      List<PlanView> covers,
      SeasonLog log,
      SpeciesTable table,
      boolean later) {
    Chain chain = Chain.of(new Links(table).covers(covers));
    String id = plan == null ? "" : plan.id().toString();
    return log.only(
        e ->
            switch (e.kind()) {
              case HARVESTED, PLANTED, SPRAYED -> true;
              // What went out before the season's log begins is of the last one, or frost seeding.
              case SEEDED ->
                  is(
                      chain.seededOn(e.doneOn()),
                      id,
                      later || e.doneOn().isBefore(SeasonDates.log(log.season()).first()));
              case ENDED -> is(chain.endedOn(e.doneOn()), id, later);
              default -> is(chain.seenOn(e.doneOn()), id, later);
            });
  }

  private static boolean is(Optional<Link.Cover> found, String id, boolean later) {
    return found.map(c -> c.id().equals(id)).orElse(!later);
  }

  /**
   * What all fields of a farm share: what was logged, and the species there are.
   *
   * @param covers covers of each piece; of many fields, those about the season
   * @param learnt what the farm's record says of forecasts
   * @param moved what choices of endings did to plantings
   */
  record Known(
      int season,
      Map<UUID, SeasonLog> logs,
      Map<UUID, SeasonLog> logsBefore,
      Map<UUID, List<PlanView>> covers,
      SpeciesTable table,
      Map<UUID, Map<Deed, FieldStanding.Said>> said,
      Map<UUID, Map<Deed, KeptDay>> kept,
      Map<UUID, SeedWentOut.Seeding> wentOut,
      FarmLearning learnt,
      Map<UUID, WishedDays.Moved> moved) {
    SeasonLog log(FieldView field) {
      return logs.getOrDefault(field.id(), SeasonLog.EMPTY);
    }

    /** Days of kept work of a cover behind another of its season: its own, and the planting. */
    Map<Deed, KeptDay> keptOf(FieldView field, @Nullable PlanView later) {
      Map<Deed, KeptDay> all = new EnumMap<>(Deed.class);
      if (later != null) {
        all.putAll(kept.getOrDefault(later.id(), Map.of()));
      }
      KeptDay planting = kept.getOrDefault(field.id(), Map.of()).get(Deed.PLANTING);
      if (planting != null) {
        all.put(Deed.PLANTING, planting);
      }
      return all;
    }

    SeasonLog logBefore(FieldView field) {
      return logsBefore.getOrDefault(field.id(), SeasonLog.EMPTY);
    }
  }

  /** Days of kept work that lie in the season that is looked at. */
  private Map<UUID, Map<Deed, KeptDay>> kept(FarmView farm) {
    SeasonDates.Range season = SeasonDates.log(farm.seasonYear());
    Map<UUID, Map<Deed, KeptDay>> all = new HashMap<>();
    keptDays
        .of(farm.id())
        .forEach(
            (field, days) -> {
              Map<Deed, KeptDay> mine = new EnumMap<>(Deed.class);
              days.forEach(
                  (deed, day) -> {
                    if (season.holds(day.day())) {
                      mine.put(deed, day);
                    }
                  });
              all.put(field, mine);
            });
    return all;
  }

  /**
   * Covers of many fields are those whose work can lie in the logs of this season and the one
   * before: a farm of a thousand fields has ten times as many over its years. One field has all.
   */
  private Map<UUID, List<PlanView>> covers(FarmView farm, List<FieldView> all) {
    int season = farm.seasonYear();
    return all.size() == 1
        ? plans.ofAllYears(farm.id(), List.of(all.get(0).piece()))
        : plans.ofYears(farm.id(), season - 2, season + 1);
  }

  Known known(FarmView farm, List<FieldView> all) {
    return known(farm, all, learning.of(farm.id()));
  }

  /** The same with forecasts that are corrected otherwise. */
  Known known(FarmView farm, List<FieldView> all, FarmLearning learnt) {
    return new Known(
        farm.seasonYear(),
        log.ofSeason(farm.id(), farm.seasonYear()),
        log.ofSeason(farm.id(), farm.seasonYear() - 1),
        covers(farm, all),
        species.table(farm.id()),
        log.said(farm.id(), farm.seasonYear()),
        kept(farm),
        wentOut.of(farm.id()),
        learnt,
        wished.of(farm.id(), farm.seasonYear()));
  }
}
