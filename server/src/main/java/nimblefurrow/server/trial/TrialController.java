package nimblefurrow.server.trial;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Trials of a farm. */
@RestController
@RequestMapping("/api/farms/{farmId}/trials")
class TrialController {
  private final TrialService trials;
  private final Access access;

  TrialController(TrialService trials, Access access) {
    this.trials = trials;
    this.access = access;
  }

  @GetMapping
  List<TrialViews.TrialView> trials(@PathVariable UUID farmId) {
    access.see(farmId);
    return trials.trials(farmId);
  }

  /** Strips as they lie, for machines: {@code geojson}, {@code kml} or {@code gpx}. */
  @GetMapping("/{trialId}/strips.{format}")
  ResponseEntity<byte[]> strips(
      @PathVariable UUID farmId, @PathVariable UUID trialId, @PathVariable String format) {
    access.see(farmId);
    return trials.file(farmId, trialId).as(format);
  }

  @PutMapping("/{trialId}")
  TrialViews.TrialView put(
      @PathVariable UUID farmId,
      @PathVariable UUID trialId,
      @RequestBody TrialViews.TrialInput trial) {
    access.manage(farmId);
    return trials.put(farmId, trialId, trial);
  }

  @PutMapping("/{trialId}/strips/{number}")
  TrialViews.TrialView strip(
      @PathVariable UUID farmId,
      @PathVariable UUID trialId,
      @PathVariable int number,
      @RequestBody TrialViews.StripInput strip) {
    access.work(farmId);
    return trials.strip(farmId, trialId, number, strip);
  }

  /** Works the ways of a trial as fields of their own, or as one again. */
  @PostMapping("/{trialId}/parts")
  TrialViews.TrialView part(
      @PathVariable UUID farmId,
      @PathVariable UUID trialId,
      @RequestBody TrialViews.PartInput parts) {
    access.manage(farmId);
    return trials.part(farmId, trialId, parts);
  }

  /** What the ways cost, out of the accounts of their parts. */
  @PostMapping("/{trialId}/costs")
  TrialViews.TrialView takeCosts(
      @PathVariable UUID farmId,
      @PathVariable UUID trialId,
      @RequestBody TrialViews.CostsInput costs) {
    access.manage(farmId);
    return trials.takeCosts(farmId, trialId, costs);
  }

  @DeleteMapping("/{trialId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID trialId) {
    access.manage(farmId);
    trials.remove(farmId, trialId, true);
  }

  @PostMapping("/{trialId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable UUID farmId, @PathVariable UUID trialId) {
    access.manage(farmId);
    trials.remove(farmId, trialId, false);
  }
}
