package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is settled about a job.
 *
 * @param day it is done on; null for any
 * @param only what does it; null for any
 * @param never what does not
 */
public record JobPin(@Nullable LocalDate day, @Nullable UUID only, Set<UUID> never) {
  public JobPin {
    never = Set.copyOf(never);
  }
}
