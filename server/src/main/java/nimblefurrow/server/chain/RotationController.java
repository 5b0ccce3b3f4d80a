package nimblefurrow.server.chain;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.InputProblem;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Rotations of a farm. */
@RestController
@RequestMapping("/api/farms/{farmId}/rotations")
class RotationController {
  private final RotationService rotations;
  private final Access access;

  RotationController(RotationService rotations, Access access) {
    this.rotations = rotations;
    this.access = access;
  }

  @GetMapping
  List<RotationViews.RotationView> all(@PathVariable UUID farmId) {
    access.see(farmId);
    return rotations.all(farmId);
  }

  @PutMapping("/{id}")
  RotationViews.RotationView put(
      @PathVariable UUID farmId,
      @PathVariable UUID id,
      @RequestBody RotationViews.RotationView rotation) {
    access.manage(farmId);
    if (!rotation.id().equals(id)) {
      throw new InputProblem("id", "The address and the rotation name different ones.");
    }
    return rotations.put(farmId, rotation);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID id) {
    access.manage(farmId);
    rotations.remove(farmId, id);
  }

  /** What would come of laying a rotation over fields. */
  @PostMapping("/{id}/try")
  RotationViews.Laid tryOut(
      @PathVariable UUID farmId, @PathVariable UUID id, @RequestBody RotationViews.LayInput in) {
    access.see(farmId);
    return rotations.lay(farmId, id, in, false, access.person().id());
  }

  @PostMapping("/{id}/lay")
  RotationViews.Laid lay(
      @PathVariable UUID farmId, @PathVariable UUID id, @RequestBody RotationViews.LayInput in) {
    access.manage(farmId);
    return rotations.lay(farmId, id, in, true, access.person().id());
  }
}
