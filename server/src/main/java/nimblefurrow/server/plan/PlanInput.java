package nimblefurrow.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.setting.RowSetup;
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
 * @param rows how it is meant to stand between the rows of a crop; null where nobody said
 */
public record PlanInput(
    PlanStatus status,
    @KeyOf(KeyOf.What.PURPOSE) List<String> purposes,
    List<Component> components,
    @KeyOf(KeyOf.What.SEEDING_METHOD) String method,
    LocalDate seedOn,
    @KeyOf(KeyOf.What.ENDING) String ending,
    LocalDate endOn,
    @Nullable UUID machineId,
    @Nullable RowSetupView rows) {
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
    this(status, purposes, components, method, seedOn, ending, endOn, null, null);
  }

  /** The same plan with the machine of another, where it is seeded the same way. */
  public PlanInput withMachineOf(PlanInput other) {
    UUID machine = method.equals(other.method) ? other.machineId : null;
    return new PlanInput(
        status, purposes, components, method, seedOn, ending, endOn, machine, rows);
  }

  /** The same plan seeded on another day. */
  public PlanInput seededOn(LocalDate day) {
    return new PlanInput(status, purposes, components, method, day, ending, endOn, machineId, rows);
  }

  /** The same plan ended in a way on a day. */
  public PlanInput ended(String way, LocalDate day) {
    return new PlanInput(status, purposes, components, method, seedOn, way, day, machineId, rows);
  }

  /** The same plan with another status. */
  public PlanInput withStatus(PlanStatus other) {
    return new PlanInput(
        other, purposes, components, method, seedOn, ending, endOn, machineId, rows);
  }

  /** The same plan with rows, as far as they hold for its seed and its way of seeding. */
  public PlanInput withRows(@Nullable RowSetupView other) {
    RowSetup fitting =
        other == null
            ? null
            : other
                .setup()
                .fitting(
                    SeedingMethod.of(method),
                    components.stream().map(Component::species).collect(Collectors.toSet()));
    return new PlanInput(
        status,
        purposes,
        components,
        method,
        seedOn,
        ending,
        endOn,
        machineId,
        RowSetupView.of(fitting));
  }

  /**
   * What a species is set to in its rows or its strip so that the field gets a rate, kg/ha both.
   */
  public double setKgPerHa(String species, double kgPerHa) {
    return rows == null ? kgPerHa : rows.setup().setKgPerHa(species, kgPerHa);
  }

  /** What open rows are set to so that the field gets a rate, kg/ha both. */
  public double openKgPerHa(double kgPerHa) {
    return rows == null ? kgPerHa : rows.setup().openKgPerHa(kgPerHa);
  }

  /**
   * Which box feeds a species, as it stands behind its field in a list; nothing where all is one
   * mix.
   */
  public String boxOf(String species) {
    return rows == null
        ? ""
        : rows.setup().strips().stream()
            .filter(s -> s.species().equals(species) && !s.box().isBlank())
            .map(s -> " (" + s.box().strip() + ")")
            .collect(Collectors.joining());
  }

  /** Whether the pass that seeds it side-dresses the crop too. */
  public boolean sideDresses() {
    return rows != null && rows.sideDress() != null;
  }
}
