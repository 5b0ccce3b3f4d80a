package nimblefurrow.server.plan;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.server.support.KeyOf;

/**
 * A cover as planned for one field.
 *
 * @param status whether it is settled
 * @param purposes why, the first first
 * @param components species and bulk rates, kg/ha
 * @param method how it is seeded
 * @param seedOn when it is meant to be seeded
 * @param ending how it is meant to end
 * @param endOn when
 */
public record PlanInput(
    PlanStatus status,
    @KeyOf(KeyOf.What.PURPOSE) List<String> purposes,
    List<Component> components,
    @KeyOf(KeyOf.What.SEEDING_METHOD) String method,
    LocalDate seedOn,
    @KeyOf(KeyOf.What.ENDING) String ending,
    LocalDate endOn) {
  /** One species and its bulk rate, kg/ha. */
  public record Component(String species, double rateKgPerHa) {}

  /** The same plan with another status. */
  public PlanInput withStatus(PlanStatus other) {
    return new PlanInput(other, purposes, components, method, seedOn, ending, endOn);
  }
}
