package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.ending.CarriedRoller;
import nimblefurrow.core.ending.PlanterSetup;
import nimblefurrow.core.ending.RollerPull;
import nimblefurrow.core.ending.RollerWeight;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Roller and planter sheets, and digs behind the planter. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class SheetController {
  private final Access access;

  SheetController(Access access) {
    this.access = access;
  }

  /** A roller on a field. */
  record RollerInput(
      double emptyKg,
      double widthM,
      double waterL,
      double tractorKg,
      double slopePercent,
      RollerPull.Footing footing,
      @Nullable Carried carried) {}

  /** How a roller is carried that is not pulled. */
  record Carried(
      CarriedRoller.Where where,
      double steeringShare,
      double wheelbaseM,
      double overhangM,
      double counterM) {
    CarriedRoller of(double rollerKg, double tractorKg) {
      return CarriedRoller.of(
          where,
          rollerKg,
          new CarriedRoller.Tractor(tractorKg, steeringShare, wheelbaseM),
          overhangM,
          counterM);
    }
  }

  /** Mass on the ground, whether the tractor holds it on the slope, and what lifting it does. */
  record RollerSheet(RollerWeight weight, RollerPull pull, @Nullable CarriedRoller carried) {}

  @PostMapping("/sheets/roller")
  RollerSheet roller(@PathVariable UUID farmId, @RequestBody RollerInput in) {
    access.see(farmId);
    RollerWeight weight = RollerWeight.of(in.emptyKg(), in.widthM(), in.waterL());
    double rollerKg = in.emptyKg() + in.waterL();
    return new RollerSheet(
        weight,
        RollerPull.of(rollerKg, in.tractorKg(), in.slopePercent(), in.footing()),
        in.carried() == null ? null : in.carried().of(rollerKg, in.tractorKg()));
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
}
