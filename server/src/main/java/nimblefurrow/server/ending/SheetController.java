package nimblefurrow.server.ending;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.count.DigCheck;
import nimblefurrow.core.ending.PlanterSetup;
import nimblefurrow.core.ending.RollerPull;
import nimblefurrow.core.ending.RollerWeight;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Roller and planter sheets, and digs behind the planter. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class SheetController {
  private static final String AWAY = "There is no such dig on this field.";

  private final PlanterDigs digs;
  private final FieldService fields;
  private final ShedService shed;
  private final Access access;
  private final Clock clock;

  SheetController(
      PlanterDigs digs, FieldService fields, ShedService shed, Access access, Clock clock) {
    this.digs = digs;
    this.shed = shed;
    this.fields = fields;
    this.access = access;
    this.clock = clock;
  }

  /**
   * A roller on a field.
   *
   * @param footing {@code firm}, {@code covered} or {@code wet}
   */
  record RollerInput(
      double emptyKg,
      double widthM,
      double waterL,
      double tractorKg,
      double slopePercent,
      String footing) {}

  /** Mass on the ground, and whether the tractor holds it on the slope. */
  record RollerSheet(RollerWeight weight, RollerPull pull) {}

  @PostMapping("/sheets/roller")
  RollerSheet roller(@PathVariable UUID farmId, @RequestBody RollerInput in) {
    access.see(farmId);
    RollerPull.Footing footing =
        switch (in.footing()) {
          case "firm" -> RollerPull.Footing.FIRM;
          case "covered" -> RollerPull.Footing.COVERED;
          case "wet" -> RollerPull.Footing.WET;
          default -> throw new Refused("footing", "The ground is firm, covered or wet.");
        };
    RollerWeight weight = RollerWeight.of(in.emptyKg(), in.widthM(), in.waterL());
    return new RollerSheet(
        weight,
        RollerPull.of(in.emptyKg() + in.waterL(), in.tractorKg(), in.slopePercent(), footing));
  }

  /** A planter in residue. */
  record PlanterInput(
      double frameKg, int rows, double coverMgPerHa, boolean green, boolean wetGround) {}

  /** Where to begin. */
  record PlanterSheet(double kgPerRow, List<ReasonView> advice) {}

  @PostMapping("/sheets/planter")
  PlanterSheet planter(@PathVariable UUID farmId, @RequestBody PlanterInput in) {
    access.see(farmId);
    PlanterSetup setup =
        PlanterSetup.of(in.frameKg(), in.rows(), in.coverMgPerHa(), in.green(), in.wetGround());
    return new PlanterSheet(setup.kgPerRow(), setup.advice().stream().map(ReasonView::of).toList());
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
  @GetMapping("/digs")
  @Transactional(readOnly = true)
  public List<DigView> digs(@PathVariable UUID farmId) {
    access.see(farmId);
    return digs.findByFarmIdOrderByCreatedAtDesc(farmId).stream()
        .map(SheetController::view)
        .toList();
  }

  @PutMapping("/fields/{fieldId}/digs/{id}")
  @Transactional
  public DigView dig(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID id,
      @RequestBody DigInput in) {
    access.work(farmId);
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
