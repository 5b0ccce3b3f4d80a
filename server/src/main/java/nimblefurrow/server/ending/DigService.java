package nimblefurrow.server.ending;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.count.DigCheck;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Digs behind a planter, and what each says. Callers have checked who asks. */
@Service
class DigService {
  private static final String AWAY = "There is no such dig on this field.";

  private final PlanterDigs digs;
  private final FieldService fields;
  private final ShedService shed;
  private final Clock clock;

  DigService(PlanterDigs digs, FieldService fields, ShedService shed, Clock clock) {
    this.digs = digs;
    this.fields = fields;
    this.shed = shed;
    this.clock = clock;
  }

  /**
   * A dig.
   *
   * @param residue what it was dug in, such as {@code rolled rye, thick}
   * @param setting in the operator's words
   */
  record DigInput(
      @Nullable UUID machineId,
      String residue,
      LocalDate dugOn,
      int dug,
      int slotsOpen,
      int pinned,
      int wrongDepth,
      String setting) {}

  /** A dig and what it says. */
  record DigView(
      UUID id,
      UUID fieldId,
      @Nullable UUID machineId,
      String residue,
      LocalDate dugOn,
      int dug,
      double closed,
      double closedLow,
      double pinned,
      double deep,
      String setting,
      ReasonView verdict) {}

  /** All digs of the farm, newest first. */
  @Transactional(readOnly = true)
  List<DigView> digs(UUID farmId) {
    return digs.findByFarmIdOrderByCreatedAtDesc(farmId).stream().map(DigService::view).toList();
  }

  /** Writes a dig down; the same id twice is the same dig. */
  @Transactional
  DigView dig(UUID farmId, UUID fieldId, UUID id, DigInput in) {
    fields.get(farmId, fieldId);
    DigCheck.of(in.dug(), in.slotsOpen(), in.pinned(), in.wrongDepth());
    if (in.machineId() != null) {
      shed.machine(farmId, in.machineId());
    }
    Optional<PlanterDig> there = digs.toPut(farmId, id, AWAY);
    if (there.isPresent()) {
      return again(there.get(), fieldId);
    }
    PlanterDig d = new PlanterDig();
    d.id = id;
    d.farmId = farmId;
    d.fieldId = fieldId;
    d.machineId = in.machineId();
    d.residue = in.residue().strip();
    d.dugOn = in.dugOn();
    d.dug = in.dug();
    d.slotsOpen = in.slotsOpen();
    d.pinned = in.pinned();
    d.wrongDepth = in.wrongDepth();
    d.setting = in.setting().strip();
    d.createdAt = Instant.now(clock);
    return view(digs.save(d));
  }

  /** The same dig sent twice; one of another field or farm is nobody's here. */
  private static DigView again(PlanterDig there, UUID fieldId) {
    if (!there.fieldId.equals(fieldId)) {
      throw new NotFound(AWAY);
    }
    return view(there);
  }

  private static DigView view(PlanterDig d) {
    DigCheck c = DigCheck.of(d.dug, d.slotsOpen, d.pinned, d.wrongDepth);
    return new DigView(
        d.id,
        d.fieldId,
        d.machineId,
        d.residue,
        d.dugOn,
        d.dug,
        c.closed(),
        c.closedLow(),
        c.pinned(),
        c.deep(),
        d.setting,
        ReasonView.of(c.verdict()));
  }
}
