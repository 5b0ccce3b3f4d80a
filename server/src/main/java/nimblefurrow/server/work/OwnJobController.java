package nimblefurrow.server.work;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
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

/** Work of one's own. */
@RestController
@RequestMapping("/api/farms/{farmId}/own-jobs")
class OwnJobController {
  private final OwnJobService jobs;
  private final Access access;

  OwnJobController(OwnJobService jobs, Access access) {
    this.jobs = jobs;
    this.access = access;
  }

  @GetMapping
  List<OwnJobView> ownJobs(@PathVariable UUID farmId) {
    access.see(farmId);
    return jobs.all(farmId);
  }

  @PutMapping("/{jobId}")
  OwnJobView putOwnJob(
      @PathVariable UUID farmId, @PathVariable UUID jobId, @RequestBody OwnJobView job) {
    access.manage(farmId);
    return jobs.put(farmId, jobId, job);
  }

  @DeleteMapping("/{jobId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeOwnJob(@PathVariable UUID farmId, @PathVariable UUID jobId) {
    access.manage(farmId);
    jobs.remove(farmId, jobId, true);
  }

  @PostMapping("/{jobId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restoreOwnJob(@PathVariable UUID farmId, @PathVariable UUID jobId) {
    access.manage(farmId);
    jobs.remove(farmId, jobId, false);
  }
}
