package nimblefurrow.server.job;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.shed.ShedService;
import org.springframework.stereotype.Component;

/**
 * A seeding that is only ticked off went out as it was planned: with its machine, on what of the
 * field was not seeded yet, at the planned rate, out of the lots its sheet names. Whoever knows
 * better corrects it at the job.
 */
@Component
public class SeededAsPlanned {
  /** Less of a field than this is not worth a seeding, ha. */
  private static final double LEAST_HA = 0.01;

  private final SeedingSheet jobs;
  private final SeedingLog log;
  private final ShedService shed;

  SeededAsPlanned(SeedingSheet jobs, SeedingLog log, ShedService shed) {
    this.jobs = jobs;
    this.log = log;
    this.shed = shed;
  }

  /**
   * Writes it down under an id; the same id twice is the same seeding.
   *
   * @param machineId what did it, where the shed has it
   * @return whether it was: not where nothing is planned, or nothing is left to seed
   * @throws nimblefurrow.server.support.NotFound when there is no such field or cover
   */
  public boolean write(
      UUID farmId,
      UUID fieldId,
      UUID entryId,
      UUID machineId,
      LocalDate day,
      String words,
      UUID account) {
    JobViews.JobView job = jobs.job(farmId, fieldId);
    double areaHa = job.areaHa() - job.doneHa();
    if (job.seeds().isEmpty() || areaHa < LEAST_HA) {
      return false;
    }
    double share = areaHa / job.areaHa();
    List<JobViews.LotShare> lots = new ArrayList<>();
    double kg = 0;
    for (JobViews.SeedOfJob seed : job.seeds()) {
      Optional<JobViews.LotOfJob> lot =
          seed.lots().stream().filter(JobViews.LotOfJob::enough).findFirst();
      double out = share * lot.map(JobViews.LotOfJob::seedKg).orElse(seed.seedKg());
      lot.ifPresent(l -> lots.add(new JobViews.LotShare(l.lot().id(), out)));
      kg += out;
    }
    // Seed that came out of lots in part cannot be told from seed that was bought for it.
    boolean all = lots.size() == job.seeds().size();
    log.seeded(
        farmId,
        fieldId,
        entryId,
        new JobViews.SeedingInput(
            day,
            shed.names(farmId).containsKey(machineId) ? machineId : null,
            areaHa,
            kg / areaHa,
            kg,
            null,
            null,
            null,
            job.rows() == null ? null : job.rows().setup().sideDress(),
            all ? lots : List.of(),
            words),
        account);
    return true;
  }
}
