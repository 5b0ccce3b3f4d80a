package nimblefurrow.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A plan as {@code plan_change} keeps it before and after a change. */
record StoredPlan(
    String status,
    List<String> purposes,
    List<Seed> components,
    String method,
    LocalDate seedOn,
    String ending,
    LocalDate endOn,
    @Nullable UUID machineId,
    @Nullable StoredRows rows) {
  /** A species and its bulk rate, kg/ha. */
  record Seed(String species, double rateKgPerHa) {}

  static @Nullable StoredPlan of(@Nullable PlanInput p) {
    return p == null
        ? null
        : new StoredPlan(
            p.status().key(),
            p.purposes(),
            p.components().stream().map(c -> new Seed(c.species(), c.rateKgPerHa())).toList(),
            p.method(),
            p.seedOn(),
            p.ending(),
            p.endOn(),
            p.machineId(),
            StoredRows.of(p.rows()));
  }

  PlanInput plan() {
    return new PlanInput(
        PlanStatus.of(status),
        purposes,
        components.stream()
            .map(c -> new PlanInput.Component(c.species(), c.rateKgPerHa()))
            .toList(),
        method,
        seedOn,
        ending,
        endOn,
        machineId,
        rows == null ? null : rows.view());
  }
}
