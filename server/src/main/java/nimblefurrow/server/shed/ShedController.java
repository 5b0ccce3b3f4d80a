package nimblefurrow.server.shed;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
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

/** The shed of a farm. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class ShedController {
  private final ShedService shed;
  private final CalibrationService calibrations;
  private final Access access;

  ShedController(ShedService shed, CalibrationService calibrations, Access access) {
    this.shed = shed;
    this.calibrations = calibrations;
    this.access = access;
  }

  @GetMapping("/machines")
  List<MachineView> machines(@PathVariable UUID farmId) {
    access.see(farmId);
    return shed.machines(farmId);
  }

  @PutMapping("/machines/{machineId}")
  MachineView put(
      @PathVariable UUID farmId, @PathVariable UUID machineId, @RequestBody MachineView machine) {
    access.manage(farmId);
    if (!machine.id().equals(machineId)) {
      throw new InputProblem("id", "The machine's id is not the one in the address.");
    }
    return shed.put(farmId, machine);
  }

  /** When a machine stands; null once it runs again. */
  record StandsInput(@Nullable Long version, MachineView.@Nullable Out out) {}

  @PutMapping("/machines/{machineId}/out")
  MachineView stands(
      @PathVariable UUID farmId, @PathVariable UUID machineId, @RequestBody StandsInput in) {
    access.work(farmId);
    return shed.stands(farmId, machineId, in.version(), in.out());
  }

  @DeleteMapping("/machines/{machineId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID machineId) {
    access.manage(farmId);
    shed.remove(farmId, machineId);
  }

  @PostMapping("/machines/{machineId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable UUID farmId, @PathVariable UUID machineId) {
    access.manage(farmId);
    shed.restore(farmId, machineId);
  }

  @GetMapping("/calibrations")
  List<CalibrationView> calibrations(@PathVariable UUID farmId) {
    access.see(farmId);
    return calibrations.calibrations(farmId);
  }

  @PutMapping("/calibrations/{calibrationId}")
  CalibrationView note(
      @PathVariable UUID farmId,
      @PathVariable UUID calibrationId,
      @RequestBody CalibrationView calibration) {
    access.work(farmId);
    if (!calibration.id().equals(calibrationId)) {
      throw new InputProblem("id", "The note's id is not the one in the address.");
    }
    return calibrations.note(farmId, calibration);
  }

  @DeleteMapping("/calibrations/{calibrationId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable UUID farmId, @PathVariable UUID calibrationId) {
    access.work(farmId);
    calibrations.forget(farmId, calibrationId);
  }
}
