package nimblefurrow.server.work;

import java.util.UUID;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.farm.Looking;
import nimblefurrow.server.job.SeedSheets;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What goes into the box at a job of the kept plan. */
@Component
class JobSeed {
  private final SeedSheets sheets;
  private final Looking looking;

  JobSeed(SeedSheets sheets, Looking looking) {
    this.sheets = sheets;
    this.looking = looking;
  }

  /** Nothing where the job seeds nothing, or seeds a customer's seed. */
  SeedSheets.@Nullable BoxSheet of(UUID farmId, WorkViews.ItemView i) {
    if (i.kind() != JobKind.SEED || i.customerId() != null) {
      return null;
    }
    try {
      return looking.on(JobKind.link(i.job()), () -> sheets.of(farmId, i.fieldId(), i.doerId()));
    } catch (NotFound e) {
      // Its cover was planned away since, or is of another season than the one looked at.
      return null;
    }
  }
}
