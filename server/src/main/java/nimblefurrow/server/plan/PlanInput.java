package nimblefurrow.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.KeyOf;
import org.jspecify.annotations.Nullable;

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
 * @param machineId what it is meant to be seeded with; null where any will do
 */
public record PlanInput(
    PlanStatus status,
    @KeyOf(KeyOf.What.PURPOSE) List<String> purposes,
    List<Component> components,
    @KeyOf(KeyOf.What.SEEDING_METHOD) String method,
    LocalDate seedOn,
    @KeyOf(KeyOf.What.ENDING) String ending,
    LocalDate endOn,
    @Nullable UUID machineId) {
  /** One species and its bulk rate, kg/ha. */
  public record Component(String species, double rateKgPerHa) {}

  /** A plan for whatever machine there is. */
  public PlanInput(
      PlanStatus status,
      List<String> purposes,
      List<Component> components,
      String method,
      LocalDate seedOn,
      String ending,
      LocalDate endOn) {
    this(status, purposes, components, method, seedOn, ending, endOn, null);
  }

  /** The same plan with the machine of another, where it is seeded the same way. */
  public PlanInput withMachineOf(PlanInput other) {
    UUID machine = method.equals(other.method) ? other.machineId : null;
    return new PlanInput(status, purposes, components, method, seedOn, ending, endOn, machine);
  }

  /** The same plan seeded on another day. */
  public PlanInput seededOn(LocalDate day) {
    return new PlanInput(status, purposes, components, method, day, ending, endOn, machineId);
  }

  /** The same plan ended in a way on a day. */
  public PlanInput ended(String way, LocalDate day) {
    return new PlanInput(status, purposes, components, method, seedOn, way, day, machineId);
  }

  /** The same plan with another status. */
  public PlanInput withStatus(PlanStatus other) {
    return new PlanInput(other, purposes, components, method, seedOn, ending, endOn, machineId);
  }
}
