package nimblefurrow.server.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.fields.FieldSplit;
import nimblefurrow.server.fields.FieldsJoined;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * When a field is divided each part keeps its covers; when parts are joined the same must stand.
 */
@Component
class PlansOfPieces {
  private final CoverPlans plans;

  PlansOfPieces(CoverPlans plans) {
    this.plans = plans;
  }

  @EventListener
  void divided(FieldSplit split) {
    List<CoverPlanEntity> all = of(split.farmId(), split.wholePiece());
    for (UUID piece : split.partPieces()) {
      all.forEach(p -> plans.save(copy(p, piece)));
    }
  }

  @EventListener
  void joined(FieldsJoined joined) {
    List<CoverPlanEntity> first = of(joined.farmId(), joined.partPieces().get(0));
    List<CoverPlanEntity> others = new ArrayList<>();
    for (UUID piece : joined.partPieces().subList(1, joined.partPieces().size())) {
      List<CoverPlanEntity> other = of(joined.farmId(), piece);
      if (!stand(first, joined.on()).equals(stand(other, joined.on()))) {
        throw new Refused(
            "fieldIds",
            "Not the same covers stand or are planned on all pieces: make their plans alike, or"
                + " wait until they are over.");
      }
      others.addAll(other);
    }
    List<CoverPlanEntity> kept = new ArrayList<>();
    for (CoverPlanEntity p : first) {
      kept.add(plans.save(copy(p, joined.joinedPiece())));
    }
    // Of the others' past, what does not stand where the first one's did.
    for (CoverPlanEntity p : others) {
      boolean free =
          kept.stream().allMatch(k -> !k.endOn.isAfter(p.seedOn) || !p.endOn.isAfter(k.seedOn));
      if (free) {
        kept.add(plans.save(copy(p, joined.joinedPiece())));
      }
    }
  }

  private List<CoverPlanEntity> of(UUID farmId, UUID piece) {
    return plans.findByFarmIdAndPieceIdInOrderBySeedOn(farmId, List.of(piece));
  }

  /** What stands or is to come, as far as it must be alike. */
  private static List<String> stand(List<CoverPlanEntity> all, LocalDate today) {
    return all.stream()
        .filter(p -> p.endOn.isAfter(today))
        .map(
            p ->
                p.components.stream().map(c -> c.species).sorted().toList()
                    + p.method
                    + p.seedOn
                    + p.ending
                    + p.endOn)
        .toList();
  }

  private static CoverPlanEntity copy(CoverPlanEntity of, UUID piece) {
    CoverPlanEntity p = new CoverPlanEntity();
    p.id = UUID.randomUUID();
    p.farmId = of.farmId;
    p.pieceId = piece;
    p.seasonYear = of.seasonYear;
    p.rotationId = of.rotationId;
    p.status = of.status;
    p.purposes = of.purposes.clone();
    p.method = of.method;
    p.seedOn = of.seedOn;
    p.ending = of.ending;
    p.endOn = of.endOn;
    p.machineId = of.machineId;
    p.rowSetup = of.rowSetup;
    for (CoverPlanEntity.Component c : of.components) {
      CoverPlanEntity.Component copy = new CoverPlanEntity.Component();
      copy.species = c.species;
      copy.rateKgPerHa = c.rateKgPerHa;
      p.components.add(copy);
    }
    return p;
  }
}
