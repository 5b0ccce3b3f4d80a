package nimblefurrow.server.takeaway;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanStatus;
import org.jspecify.annotations.Nullable;

/**
 * One field's plan as it leaves the program.
 *
 * @param coverWords species and ways in words
 * @param method how it is seeded, in words
 * @param ending how it ends, in words
 */
record PlanRow(
    UUID fieldId,
    String field,
    double areaHa,
    String crop,
    String nextCrop,
    LocalDate nextPlantOn,
    PlanInput plan,
    String coverWords,
    String method,
    String ending,
    @Nullable LocalDate opens,
    @Nullable LocalDate closes,
    String why) {
  boolean accepted() {
    return plan.status() == PlanStatus.ACCEPTED;
  }
}
