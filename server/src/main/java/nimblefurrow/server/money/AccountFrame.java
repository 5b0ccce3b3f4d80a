package nimblefurrow.server.money;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.ending.SecondPass;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.money.AccountBasis;
import nimblefurrow.core.money.AccountCover;
import nimblefurrow.core.money.AccountLine;
import nimblefurrow.core.money.CameOf;
import nimblefurrow.core.money.CoverAccount;
import nimblefurrow.core.money.Owed;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.record.MoneyWay;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.units.Spread;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.FarmBasis;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.worklog.EntryView;
import org.jspecify.annotations.Nullable;

/** A farm's shed, prices and own lines, to be asked for the accounts of many covers. */
public final class AccountFrame {
  private final PlannedFields planned;
  private final FarmBasis basis;
  private final SpeciesTable table;
  private final Map<UUID, List<AccountLine>> own;

  /**
   * @param basis what the farm reckons with
   * @param own lines that the farm wrote, by cover
   */
  AccountFrame(
      PlannedFields planned,
      FarmBasis basis,
      SpeciesTable table,
      Map<UUID, List<AccountLine>> own) {
    this.planned = planned;
    this.basis = basis;
    this.table = table;
    this.own = own;
  }

  /** The account of a cover without anything the model or the record says of it. */
  public CoverAccount planned(double areaHa, PlanView plan) {
    PlanInput p = plan.plan();
    AccountBasis piece = basis.on(areaHa, p, true);
    return piece.planned(
        piece.cover(seed(p), SeedingMethod.of(p.method()), end(piece, p), null, null, 0));
  }

  /** The account of a cover. */
  public CoverAccount of(PlannedField f, PlanView plan) {
    PlanInput p = plan.plan();
    EndingMethod way = EndingMethod.of(p.ending());
    Spread nitrogen = f.cropFollows() ? planned.worth(f, Purpose.MAKE_NITROGEN) : null;
    Spread feed = way.feeds() ? planned.worth(f, Purpose.FEED_CATTLE) : null;
    AccountBasis piece = basis.on(f.field().areaHa(), p, f.cropFollows());
    AccountCover cover =
        piece.cover(
            seed(p),
            SeedingMethod.of(p.method()),
            end(piece, p),
            follows(f, way),
            nitrogen,
            feed == null ? 0 : feed.median());
    return CoverAccount.of(cover, came(f, plan), basis.prices());
  }

  /** The species of a plan. */
  List<Species> species(PlanInput p) {
    return p.components().stream().map(c -> table.get(c.species())).toList();
  }

  private List<CoverComponent> seed(PlanInput p) {
    return p.components().stream()
        .map(c -> CoverComponent.of(table.get(c.species()), c.rateKgPerHa()))
        .toList();
  }

  private static AccountCover.End end(AccountBasis piece, PlanInput p) {
    return piece.end(EndingMethod.of(p.ending()), p.endOn());
  }

  private AccountCover.@Nullable Wait follows(PlannedField f, EndingMethod way) {
    var cover = f.cover();
    return cover == null
        ? null
        : AccountCover.Wait.of(way, cover, f.wish(), f.plantedOn(), basis.rules());
  }

  private CameOf came(PlannedField f, PlanView plan) {
    List<EntryView> entries = f.log().entries();
    var cover = f.cover();
    // Animals on stalks, before it is seeded, eat none of it.
    double animalDays =
        entries.stream()
            .filter(e -> e.kind() == LogKind.GRAZED)
            .filter(e -> cover != null && e.doneOn().isAfter(cover.seedOn()))
            .mapToDouble(e -> figure(e, EntryFigure.HEAD) * figure(e, EntryFigure.GRAZED))
            .sum();
    return new CameOf(
        seeded(f),
        ended(f),
        passes(f),
        entries.stream()
            .filter(e -> e.kind() == LogKind.BILL || e.kind() == LogKind.PAYMENT)
            .map(AccountFrame::booked)
            .toList(),
        animalDays,
        own.getOrDefault(plan.id(), List.of()));
  }

  private static double figure(EntryView e, EntryFigure figure) {
    Double value = e.get(figure);
    return value == null ? 0 : value;
  }

  private CameOf.@Nullable Seeded seeded(PlannedField f) {
    var cover = f.cover();
    if (f.seededOn() == null || cover == null) {
      return null;
    }
    List<EntryView> seedings =
        f.log().entries().stream().filter(e -> f.log().seedings().contains(e.id())).toList();
    Machine with =
        seedings.stream()
            .map(EntryView::machineId)
            .filter(Objects::nonNull)
            .map(basis.shed()::get)
            .filter(Objects::nonNull)
            .reduce(null, (before, now) -> now);
    boolean told =
        !seedings.isEmpty() && seedings.stream().allMatch(e -> e.get(EntryFigure.HOURS) != null);
    Double hours =
        told ? seedings.stream().mapToDouble(e -> figure(e, EntryFigure.HOURS)).sum() : null;
    boolean dressed =
        cover.method().underCrop()
            && seedings.stream().anyMatch(e -> e.get(EntryFigure.NITROGEN) != null);
    return new CameOf.Seeded(cover.cover(), with, hours, dressed);
  }

  private CameOf.@Nullable Ended ended(PlannedField f) {
    DeedStanding ending = f.standing().ending();
    EndingMethod way = f.ending();
    if (way == null) {
      return null;
    }
    // Nobody writes down what winter ends.
    boolean over = f.endedOn() != null || way.ofItself() && ending.done();
    var cover = f.cover();
    PlantingLag lag = cover == null || !f.cropFollows() ? null : way.lag(cover, f.next().kind());
    return over ? new CameOf.Ended(ending.day(), basis.rules().cost(way), lag) : null;
  }

  /** Passes after the ending, without the second one that the way takes anyway. */
  private List<CameOf.Pass> passes(PlannedField f) {
    LocalDate endedOn = f.endedOn();
    EndingMethod way = f.ending();
    var cover = f.cover();
    if (endedOn == null || way == null || cover == null) {
      return List.of();
    }
    LogKind second =
        way.secondPass(cover.cover().stream().map(CoverComponent::species).toList())
            .map(SecondPass::work)
            .map(LogKind::ofSecondPass)
            .orElse(null);
    List<CameOf.Pass> all = new ArrayList<>();
    boolean taken = false;
    for (EntryView e : f.log().entries()) {
      boolean after = e.kind().endsSurvivors() && CoverAccount.countsAfter(endedOn, e.doneOn());
      // What stays in the soil is sprayed for the crop.
      if (!after || e.get(EntryName.RESIDUAL) != null) {
        continue;
      }
      if (e.kind() == second && !taken) {
        taken = true;
      } else {
        all.add(new CameOf.Pass(e.kind(), e.doneOn()));
      }
    }
    return all;
  }

  private static CameOf.Booked booked(EntryView e) {
    String what = e.get(EntryName.MONEY_FOR);
    return new CameOf.Booked(
        new Owed.Booking(
            String.valueOf(e.get(EntryName.PARTY)),
            MoneyWay.of(Objects.requireNonNull(e.get(EntryName.MONEY_WAY))),
            e.kind() == LogKind.BILL,
            figure(e, EntryFigure.MONEY)),
        what == null ? null : MoneyPart.of(what));
  }
}
