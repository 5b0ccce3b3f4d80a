package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A job as it stands in the kept plan.
 *
 * @param way key of the alternative that was kept
 * @param doer what does it
 * @param startOn the day it begins
 * @param shareDone of it, 0..1
 */
public record KeptJob(String way, UUID doer, LocalDate startOn, double shareDone) {}
