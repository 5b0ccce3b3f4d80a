package nimblefurrow.server.money;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.money.AccountLine;
import nimblefurrow.core.money.AccountSum;
import nimblefurrow.core.money.CoverAccount;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.FarmBases;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.ReasonView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts of covers. Callers have checked who asks. */
@Service
public class FieldAccounts {
  private static final int MOST_SEASONS = 12;

  private final FarmService farms;
  private final PlannedFields planned;
  private final FarmBases bases;
  private final SpeciesService species;
  private final AccountRows rows;

  FieldAccounts(
      FarmService farms,
      PlannedFields planned,
      FarmBases bases,
      SpeciesService species,
      AccountRows rows) {
    this.farms = farms;
    this.planned = planned;
    this.bases = bases;
    this.species = species;
    this.rows = rows;
  }

  /** What a farm's accounts are reckoned with. */
  @Transactional(readOnly = true)
  public AccountFrame frame(UUID farmId) {
    return frame(farmId, rows.findByFarmIdAndRemovedFalseOrderByWords(farmId));
  }

  private AccountFrame frame(UUID farmId, List<AccountRow> own) {
    Map<UUID, List<AccountLine>> lines = new HashMap<>();
    own.forEach(r -> lines.computeIfAbsent(r.planId, k -> new ArrayList<>()).add(r.line()));
    return new AccountFrame(planned, bases.of(farmId), species.table(farmId), lines);
  }

  /** The accounts of a field's covers of the season that is looked at; none without weather. */
  @Transactional(readOnly = true)
  public List<AccountViews.CoverAccountView> field(UUID farmId, UUID fieldId) {
    return read(farmId, planned.links(farms.get(farmId), fieldId)).stream()
        .map(Read::view)
        .toList();
  }

  /**
   * What the first cover of a field's season costs in seed, seeding, ending and passes as it
   * stands, $/ha; empty without a cover, or without weather.
   */
  @Transactional(readOnly = true)
  public OptionalDouble spent(UUID farmId, UUID fieldId, int season) {
    FarmView then = farms.get(farmId).in(season);
    if (!planned.hasWeather(then)) {
      return OptionalDouble.empty();
    }
    return read(farmId, planned.links(then, fieldId)).stream()
        .filter(r -> !r.view().link())
        .mapToDouble(r -> r.of().account().spent())
        .findFirst();
  }

  /**
   * The accounts of all covers of some seasons.
   *
   * @param first the first season
   * @param last the last one
   */
  @Transactional(readOnly = true)
  public AccountViews.FarmAccounts farm(UUID farmId, int first, int last) {
    if (last < first || last - first >= MOST_SEASONS) {
      throw new Refused("last", "Ask for one to twelve seasons, the first one first.");
    }
    FarmView farm = farms.get(farmId);
    List<PlannedField> all = new ArrayList<>();
    for (int season = first; season <= last; season++) {
      FarmView then = farm.in(season);
      if (planned.hasWeather(then)) {
        all.addAll(planned.everyLink(then));
      }
    }
    List<Read> covers = read(farmId, all);
    return new AccountViews.FarmAccounts(
        first,
        last,
        AccountViews.SumView.of(
            AccountSum.of("all covers", covers.stream().map(Read::of).toList())),
        Arrays.stream(AccountViews.By.values()).map(by -> sums(by, covers)).toList(),
        covers.stream().map(Read::view).toList());
  }

  private static AccountViews.SumsBy sums(AccountViews.By by, List<Read> covers) {
    return new AccountViews.SumsBy(
        by,
        by.label(),
        AccountSum.by(covers, Read::of, r -> by.of(r.view())).stream()
            .map(AccountViews.SumView::of)
            .toList());
  }

  /** A cover as it is shown, and as it is summed up. */
  private record Read(AccountViews.CoverAccountView view, AccountSum.Of of) {}

  private List<Read> read(UUID farmId, List<PlannedField> all) {
    List<AccountRow> own = rows.findByFarmIdAndRemovedFalseOrderByWords(farmId);
    Map<UUID, AccountRow> byId = own.stream().collect(Collectors.toMap(r -> r.id, r -> r));
    AccountFrame frame = frame(farmId, own);
    return all.stream()
        .flatMap(f -> Optional.ofNullable(f.plan()).map(p -> read(frame, byId, f, p)).stream())
        .toList();
  }

  private static Read read(
      AccountFrame frame, Map<UUID, AccountRow> own, PlannedField f, PlanView plan) {
    CoverAccount a = frame.of(f, plan);
    return new Read(view(frame, own, f, plan, a), new AccountSum.Of(f.field().areaHa(), a));
  }

  private static AccountViews.CoverAccountView view(
      AccountFrame frame,
      Map<UUID, AccountRow> own,
      PlannedField f,
      PlanView plan,
      CoverAccount a) {
    EndingMethod way = f.ending() == null ? EndingMethod.of(plan.plan().ending()) : f.ending();
    return new AccountViews.CoverAccountView(
        plan.id(),
        f.field().id(),
        f.field().name(),
        f.field().areaHa(),
        plan.seasonYear(),
        f.later(),
        // The same species are the same cover, whichever was written first.
        Species.together(
            frame.species(plan.plan()).stream()
                .sorted(Comparator.comparing(Species::name))
                .toList()),
        f.cropFollows() ? CropKind.of(f.field().nextCrop().kind()).label() : "another cover",
        SeedingMethod.of(plan.plan().method()).label(),
        way.label(),
        f.field().landlord(),
        a.lines().stream().map(l -> line(l, own)).toList(),
        a.planned(),
        a.stands(),
        a.closed());
  }

  private static AccountViews.LineView line(AccountLine l, Map<UUID, AccountRow> own) {
    UUID id = l.id();
    return new AccountViews.LineView(
        id,
        id == null ? null : Objects.requireNonNull(own.get(id)).version,
        l.part(),
        l.part().label(),
        ReasonView.of(l.words()),
        l.planned(),
        l.came());
  }
}
