package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.chain.ChainRules;
import nimblefurrow.core.chain.ChainYear;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.ShadedWeeks;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.money.AccountFrame;
import nimblefurrow.server.money.FieldAccounts;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Chains of fields, and the farm's years. Callers have checked who asks. */
@Service
class ChainService {
  private static final ChainRules RULES = ChainRules.shipped();

  private final FarmService farms;
  private final FieldService fields;
  private final FarmChains chains;
  private final PlannedFields planned;
  private final FieldAccounts accounts;

  ChainService(
      FarmService farms,
      FieldService fields,
      FarmChains chains,
      PlannedFields planned,
      FieldAccounts accounts) {
    this.accounts = accounts;
    this.farms = farms;
    this.fields = fields;
    this.chains = chains;
    this.planned = planned;
  }

  /** A field's chain over all years it has one. */
  ChainViews.ChainView chain(UUID farmId, UUID fieldId) {
    FarmView farm = farms.get(farmId);
    FarmChains.Stored stored = chains.of(farm, List.of(fields.yearsOf(farmId, fieldId))).get(0);
    Chain chain = stored.chain();
    Map<String, PlannedFields.PlannedField> grown = grown(farm, stored);
    Map<String, LocalDate> ripe = new HashMap<>();
    grown.forEach(
        (id, p) -> {
          LocalDate day = planned.seedRipe(p);
          if (day != null) {
            ripe.put(id, day);
          }
        });
    AccountFrame costs = accounts.frame(farmId);
    List<ChainViews.LinkView> links =
        chain.links().stream().map(l -> link(farm, stored, costs, l, grown.get(l.id()))).toList();
    List<ChainViews.GapView> gaps =
        links.isEmpty()
            ? List.of()
            : chain.gaps(links.get(0).from(), links.get(links.size() - 1).until()).stream()
                .map(g -> new ChainViews.GapView(g.from(), g.to(), g.days()))
                .toList();
    return new ChainViews.ChainView(
        fieldId,
        stored.field().name(),
        stored.field().areaHa(),
        farm.today(),
        links,
        broken(stored, ripe),
        gaps);
  }

  /** Light at the ground through each of some seasons; nothing without weather. */
  List<ChainViews.ShadeView> shade(UUID farmId, UUID fieldId, int first, int last) {
    FarmView farm = farms.get(farmId);
    List<ChainViews.ShadeView> all = new ArrayList<>();
    for (int season = first; season <= last; season++) {
      planned.shade(farm.in(season), fieldId).ifPresent(w -> all.add(shade(w)));
    }
    return all;
  }

  private static ChainViews.ShadeView shade(ShadedWeeks w) {
    return new ChainViews.ShadeView(
        w.season(),
        SeasonDates.whole(w.season()).first(),
        ShadedWeeks.DARK,
        Arrays.stream(w.light()).boxed().toList(),
        w.dark(),
        w.open().stream().map(g -> new ChainViews.GapView(g.from(), g.to(), g.days())).toList());
  }

  /** What the model says of each cover, by its id. */
  private Map<String, PlannedFields.PlannedField> grown(FarmView farm, FarmChains.Stored stored) {
    Map<String, PlannedFields.PlannedField> all = new HashMap<>();
    stored.covers().values().stream()
        .map(PlanView::seasonYear)
        .distinct()
        .forEach(
            season ->
                planned.links(farm.in(season), stored.field().id()).stream()
                    .filter(p -> p.plan() != null)
                    .forEach(p -> all.put(Objects.requireNonNull(p.plan()).id().toString(), p)));
    return all;
  }

  private ChainViews.LinkView link(
      FarmView farm,
      FarmChains.Stored stored,
      AccountFrame costs,
      Link link,
      PlannedFields.@Nullable PlannedField grown) {
    ChainViews.LinkState state = state(link, farm.today());
    PlanView plan = stored.covers().get(link.id());
    if (plan == null) {
      return new ChainViews.LinkView(
          link.id(),
          ChainViews.LinkKind.CROP,
          link.name(),
          link.until().getYear(),
          link.from(),
          logged(stored, LogKind.PLANTED, link.from()),
          link.until(),
          logged(stored, LogKind.HARVESTED, link.until()),
          state,
          null,
          List.of(),
          "",
          null,
          null,
          link.until().getYear(),
          null,
          null,
          null,
          null);
    }
    Link.Cover cover = (Link.Cover) link;
    return new ChainViews.LinkView(
        link.id(),
        ChainViews.LinkKind.COVER,
        link.name(),
        plan.seasonYear(),
        link.from(),
        logged(stored, LogKind.SEEDED, link.from()),
        link.until(),
        logged(stored, LogKind.ENDED, link.until()),
        state,
        plan.plan().status(),
        plan.plan().purposes().stream().map(p -> Purpose.of(p).label()).toList(),
        cover.method().label() + "; " + cover.ending().label(),
        grown == null ? null : planned.grewMgPerHa(grown, cover.until()),
        stored.chain().before(cover).map(Link::name).orElse(null),
        SeasonDates.seasonOfSeeding(cover.until().plusDays(1), plan.seasonYear()),
        ChainViews.CostView.of(
            grown == null ? costs.planned(stored.field().areaHa(), plan) : costs.of(grown, plan)),
        plan.id(),
        plan.version(),
        plan.plan());
  }

  private static ChainViews.LinkState state(Link link, LocalDate today) {
    if (!link.until().isAfter(today)) {
      return ChainViews.LinkState.PAST;
    }
    return link.from().isAfter(today) ? ChainViews.LinkState.AHEAD : ChainViews.LinkState.STANDING;
  }

  private static boolean logged(FarmChains.Stored stored, LogKind kind, LocalDate day) {
    return stored.entries().stream().anyMatch(e -> e.kind() == kind && e.doneOn().equals(day));
  }

  private static List<ChainViews.BrokenView> broken(
      FarmChains.Stored stored, Map<String, LocalDate> ripe) {
    List<CarryOver.Sprayed> sprayed =
        stored.entries().stream()
            .filter(e -> e.get(EntryName.RESIDUAL) != null)
            .map(e -> new CarryOver.Sprayed(String.valueOf(e.get(EntryName.RESIDUAL)), e.doneOn()))
            .toList();
    return RULES.broken(stored.chain(), new ChainRules.Known(sprayed, ripe)).stream()
        .map(b -> new ChainViews.BrokenView(b.rule(), b.linkId(), b.on(), ReasonView.of(b.words())))
        .toList();
  }

  /**
   * All fields by years, with sums.
   *
   * @param first the first season
   * @param last the last one
   */
  ChainViews.YearsView years(UUID farmId, int first, int last) {
    FarmView farm = farms.get(farmId);
    LocalDate from = SeasonDates.whole(first).first();
    LocalDate to = SeasonDates.whole(last + 1).first().minusDays(1);
    List<FarmChains.Stored> all = chains.of(farm, fields.years(farmId));
    List<ChainViews.YearRow> rows = new ArrayList<>();
    Map<Integer, Integer> brokenBy = new HashMap<>();
    for (FarmChains.Stored s : all) {
      List<ChainViews.BrokenView> broken = broken(s, Map.of());
      List<ChainViews.YearCell> cells = new ArrayList<>();
      for (int season = first; season <= last; season++) {
        ChainViews.YearCell cell = cell(s, season, broken);
        cells.add(cell);
        brokenBy.merge(season, cell.broken().size(), Integer::sum);
      }
      rows.add(
          new ChainViews.YearRow(
              s.field().id(),
              s.field().name(),
              s.field().areaHa(),
              links(s, farm.today(), from, to),
              cells));
    }
    List<ChainYear.Ground> ground =
        all.stream().map(s -> new ChainYear.Ground(s.field().areaHa(), s.chain())).toList();
    List<ChainViews.YearSum> sums = new ArrayList<>();
    for (int season = first; season <= last; season++) {
      ChainYear y = ChainYear.of(season, ground);
      sums.add(
          new ChainViews.YearSum(
              season,
              y.cropHa().entrySet().stream()
                  .sorted(Map.Entry.comparingByKey())
                  .map(e -> new ChainViews.CropArea(e.getKey(), e.getValue()))
                  .toList(),
              y.coverHa(),
              y.greenInWinterHa(),
              y.totalHa(),
              brokenBy.getOrDefault(season, 0)));
    }
    return new ChainViews.YearsView(farm.thisSeason(), farm.today(), from, to, rows, sums);
  }

  private static ChainViews.YearCell cell(
      FarmChains.Stored s, int season, List<ChainViews.BrokenView> broken) {
    CropView crop = s.field().crops().get(season);
    List<String> ids =
        s.covers().values().stream()
            .filter(p -> p.seasonYear() == season)
            .map(p -> p.id().toString())
            .toList();
    return new ChainViews.YearCell(
        season,
        crop,
        crop == null ? "" : CropKind.of(crop.kind()).label(),
        s.field().leftOut().get(season),
        broken.stream().filter(b -> ids.contains(b.linkId())).toList());
  }

  private static List<ChainViews.YearLink> links(
      FarmChains.Stored s, LocalDate today, LocalDate from, LocalDate to) {
    return s.chain().links().stream()
        .filter(l -> l.until().isAfter(from) && l.from().isBefore(to))
        .map(l -> yearLink(s, l, today))
        .toList();
  }

  private static ChainViews.YearLink yearLink(FarmChains.Stored s, Link l, LocalDate today) {
    PlanView plan = s.covers().get(l.id());
    return plan == null
        ? new ChainViews.YearLink(
            l.id(),
            ChainViews.LinkKind.CROP,
            l.name(),
            l.until().getYear(),
            ((Link.Crop) l).kind(),
            l.from(),
            l.until(),
            state(l, today),
            null,
            logged(s, LogKind.HARVESTED, l.until()))
        : new ChainViews.YearLink(
            l.id(),
            ChainViews.LinkKind.COVER,
            l.name(),
            plan.seasonYear(),
            null,
            l.from(),
            l.until(),
            state(l, today),
            plan.plan().status(),
            logged(s, LogKind.SEEDED, l.from()));
  }
}
