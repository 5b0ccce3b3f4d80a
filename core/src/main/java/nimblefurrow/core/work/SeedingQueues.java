package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.outlook.NextStep;
import nimblefurrow.core.seeding.SeedingMethod;

/** The fields that wait for a farm's seeding machines, as queues with closing dates. */
public final class SeedingQueues {
  private SeedingQueues() {}

  /**
   * A field that waits to be seeded.
   *
   * @param id of the field
   * @param method how it is meant to be seeded
   * @param areaHa of the field
   * @param cover with its rates
   * @param closes last useful day of its window
   */
  public record Waiting(
      UUID id, SeedingMethod method, double areaHa, List<CoverComponent> cover, LocalDate closes) {}

  /**
   * {@return machines that can seed in a way, in the shed's order}
   *
   * @param machines machines of the shed
   * @param method how it is seeded or ended
   */
  public static List<Machine> able(List<Machine> machines, SeedingMethod method) {
    return machines.stream().filter(m -> m.seeds(method)).toList();
  }

  /**
   * {@return fields that wait for any of some machines}
   *
   * @param able at least one; hours are reckoned by the first
   * @param fields that wait
   */
  public static ClosingQueue queue(List<Machine> able, List<Waiting> fields) {
    Machine first = able.get(0);
    return new ClosingQueue(
        fields.stream()
            .map(
                w ->
                    new ClosingQueue.Task(
                        w.id().toString(),
                        w.closes(),
                        first.seedingHours(w.areaHa(), w.cover()) + first.setUpH()))
            .toList(),
        day -> ClosingQueue.USUAL_DAY_H * able.stream().filter(m -> m.there(day)).count());
  }

  /**
   * By when each field's machine must come. Ways that the same machines do share one queue.
   *
   * @param machines of the farm
   * @param waiting all fields that wait
   * @return by field; one is left out that no machine of the farm can seed, whose machine is not
   *     there before it closes, or that is seeded by the combine: that goes when the combine goes
   */
  public static Map<UUID, NextStep.ComeBy> comeBy(List<Machine> machines, List<Waiting> waiting) {
    Map<List<Machine>, List<Waiting>> byMachines =
        waiting.stream()
            .filter(w -> !w.method().goesWithCombine())
            .collect(
                Collectors.groupingBy(
                    w -> able(machines, w.method()), LinkedHashMap::new, Collectors.toList()));
    Map<UUID, NextStep.ComeBy> all = new HashMap<>();
    byMachines.forEach(
        (able, fields) -> {
          if (!able.isEmpty()) {
            ClosingQueue queue = queue(able, fields);
            String name = able.get(0).name();
            queue
                .beginBy()
                .forEach(
                    (id, by) ->
                        all.put(UUID.fromString(id), new NextStep.ComeBy(by, name, queue.hours())));
          }
        });
    return all;
  }
}
