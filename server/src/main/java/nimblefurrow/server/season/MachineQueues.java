package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.outlook.NextStep;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.work.ClosingQueue;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import org.springframework.stereotype.Component;

/**
 * The fields that wait for each kind of seeding machine of a farm, as queues with closing dates.
 */
@Component
class MachineQueues {
  private static final double HOURS_A_DAY = 10;

  private final ShedService shed;

  MachineQueues(ShedService shed) {
    this.shed = shed;
  }

  /**
   * A field that waits to be seeded.
   *
   * @param cover with its rates
   * @param closes last useful day of its window
   */
  record Waiting(
      UUID fieldId,
      SeedingMethod method,
      double areaHa,
      List<CoverComponent> cover,
      LocalDate closes) {}

  /** By when each field's machine must come; fields without a machine of the farm are left out. */
  Map<UUID, NextStep.ComeBy> comeBy(UUID farmId, List<Waiting> waiting) {
    Map<UUID, NextStep.ComeBy> all = new HashMap<>();
    if (waiting.isEmpty()) {
      return all;
    }
    List<Machine> machines = shed.machines(farmId).stream().map(MachineView::machine).toList();
    Map<SeedingMethod, List<Waiting>> byMethod = new LinkedHashMap<>();
    waiting.forEach(w -> byMethod.computeIfAbsent(w.method(), m -> new ArrayList<>()).add(w));
    byMethod.forEach(
        (method, fields) -> {
          List<Machine> able = able(machines, method);
          // A seeder on the combine's head goes when the combine goes.
          if (!able.isEmpty() && !method.goesWithCombine()) {
            ClosingQueue queue = queue(able, fields);
            queue
                .beginBy()
                .forEach(
                    (id, by) ->
                        all.put(
                            UUID.fromString(id),
                            new NextStep.ComeBy(by, able.get(0).name(), queue.hours())));
          }
        });
    return all;
  }

  static List<Machine> able(List<Machine> machines, SeedingMethod method) {
    return machines.stream().filter(m -> m.seeds(method)).toList();
  }

  /** Fields that wait for any of some machines, the hours reckoned by the first of them. */
  static ClosingQueue queue(List<Machine> able, List<Waiting> fields) {
    return new ClosingQueue(
        fields.stream()
            .map(
                w ->
                    new ClosingQueue.Task(
                        w.fieldId().toString(), w.closes(), hours(able.get(0), w)))
            .toList(),
        day -> HOURS_A_DAY * able.stream().filter(m -> m.there(day)).count());
  }

  private static double hours(Machine machine, Waiting w) {
    return machine.seedingHours(w.areaHa(), w.cover()) + machine.setUpH();
  }

  static double daysOf(double hours) {
    return hours / HOURS_A_DAY;
  }
}
