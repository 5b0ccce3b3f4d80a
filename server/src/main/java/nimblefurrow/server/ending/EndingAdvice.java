package nimblefurrow.server.ending;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.outlook.EndingSideBySide;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.units.Need;
import nimblefurrow.server.job.Bearings;
import nimblefurrow.server.season.FarmBases;
import nimblefurrow.server.season.FarmBasis;
import nimblefurrow.server.season.MoneyView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Ways of ending side by side. Callers have checked who asks. */
@Service
class EndingAdvice {
  private final PlannedFields planned;
  private final FarmBases bases;
  private final ChosenEndings chosen;
  private final CropOdds ripens;
  private final Bearings bearings;

  EndingAdvice(
      PlannedFields planned,
      FarmBases bases,
      ChosenEndings chosen,
      CropOdds ripens,
      Bearings bearings) {
    this.planned = planned;
    this.bases = bases;
    this.chosen = chosen;
    this.ripens = ripens;
    this.bearings = bearings;
  }

  /** One field's ways, best first. */
  EndingViews.EndingPage page(
      UUID farmId, UUID fieldId, @Nullable String purposeKey, @Nullable Double target) {
    EndableField e = EndableField.of(planned.one(farmId, fieldId));
    PlannedField f = e.on();
    Purpose purpose = purposeKey == null ? e.purpose() : Purpose.of(purposeKey);
    double wanted =
        target == null ? purpose.target() : Need.positive("target", "The target", target);
    return new EndingViews.EndingPage(
        fieldId,
        f.field().name(),
        f.field().areaHa(),
        f.field().organic(),
        f.next().kind().label(),
        f.farm().today(),
        f.next().plantOn(),
        purpose.key(),
        ReasonView.of(EndingSideBySide.wanted(purpose, wanted)),
        wanted,
        f.seededOn(),
        f.endedOn(),
        bearings.of(farmId, fieldId),
        chosen.version(e),
        e.plan().plan().ending(),
        e.cover().endOn(),
        ways(e, purpose, wanted, bases.of(farmId)).stream().map(r -> row(e, r)).toList(),
        chosen.of(farmId, fieldId, f.farm().seasonYear()));
  }

  /** All fields with a plan: the best way, the planned one, and what was chosen. */
  List<EndingViews.FieldEnding> all(UUID farmId, Set<UUID> some) {
    FarmBasis own = bases.of(farmId);
    List<PlannedField> with =
        planned.all(farmId).stream()
            .filter(f -> f.cover() != null)
            .filter(f -> some.isEmpty() || some.contains(f.field().id()))
            .toList();
    if (with.isEmpty()) {
      return List.of();
    }
    Map<UUID, EndingViews.ChosenView> last = chosen.newest(farmId, with.get(0).farm().seasonYear());
    return with.stream()
        .map(f -> field(EndableField.of(f), own, last.get(f.field().id())))
        .toList();
  }

  private EndingViews.FieldEnding field(
      EndableField f, FarmBasis own, EndingViews.@Nullable ChosenView chosenNow) {
    List<EndingSideBySide> ways = ways(f, f.purpose(), f.purpose().target(), own);
    List<EndingViews.EndingRow> rows = ways.stream().map(r -> row(f, r)).toList();
    EndingViews.EndingRow best =
        EndingSideBySide.best(ways, f.purpose()).map(r -> row(f, r)).orElse(null);
    String planned = f.plan().plan().ending();
    return new EndingViews.FieldEnding(
        f.on().field().id(),
        f.on().field().name(),
        f.on().field().areaHa(),
        f.cover().cover().stream().map(c -> c.species().name()).collect(Collectors.joining(", ")),
        f.purpose().label(),
        f.on().endedOn(),
        best,
        rows.stream().filter(r -> r.way().equals(planned)).findFirst().orElse(null),
        chosenNow);
  }

  /** The ways of a field side by side, best first. */
  List<EndingSideBySide> ways(EndableField e, Purpose purpose, double target, FarmBasis own) {
    PlannedField f = e.on();
    return EndingSideBySide.of(
        planned.forecaster(),
        new EndingSideBySide.Field(
            e.cover(),
            f.crop(),
            f.wish(),
            f.field().organic(),
            purpose,
            target,
            f.farm().today(),
            f.plantedOn(),
            own.on(f.field().areaHa(), e.plan().plan(), f.cropFollows())));
  }

  private EndingViews.EndingRow row(EndableField e, EndingSideBySide r) {
    PlannedField f = e.on();
    EndingMethod way = r.option().method();
    PlantingLag lag = way.lag(e.cover(), f.next().kind());
    CropOdds.Ripe ripe = ripens.of(f, r.plantOn());
    EndingSideBySide.Outcome o = r.outcome();
    return new EndingViews.EndingRow(
        way.key(),
        way.label(),
        r.option().fit(),
        r.barred() == null ? null : ReasonView.of(r.barred()),
        r.option().from(),
        r.option().to(),
        r.endOn(),
        r.plantOn(),
        lag.least(),
        lag.most(),
        o == null ? null : outcome(o),
        r.cost().passes(),
        r.cost().usdPerHa(),
        Objects.requireNonNull(MoneyView.of(r.account())),
        r.lateShare(),
        r.lateUsdPerHa(),
        r.insurerKept(),
        ReasonView.of(r.insurer()),
        ripe == null ? null : ripe.ripe(),
        ripe == null ? null : ripe.years(),
        way.school(f.next().kind()),
        r.option().reasons().stream().map(ReasonView::of).toList(),
        r.option().cautions().stream().map(ReasonView::of).toList());
  }

  private static EndingViews.EndingOutcome outcome(EndingSideBySide.Outcome o) {
    return new EndingViews.EndingOutcome(
        o.years(),
        o.groundFit(),
        o.met(),
        o.dead(),
        EndingViews.EndingRange.of(o.kill()),
        EndingViews.EndingRange.of(o.mulch()),
        EndingViews.EndingRange.of(o.living()),
        EndingViews.EndingRange.of(o.soilWaterMm()),
        EndingViews.EndingRange.of(o.nitrogenKgPerHa()),
        EndingViews.EndingRange.of(o.weeksOfCover()),
        EndingViews.EndingRange.of(o.takenOff()));
  }
}
