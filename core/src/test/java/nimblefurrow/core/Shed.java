package nimblefurrow.core;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.machine.Drive;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.machine.Presence;
import nimblefurrow.core.machine.Price;
import nimblefurrow.core.machine.SeedBox;
import nimblefurrow.core.seeding.SeedingMethod;

/** Machines with round figures: 10 m wide at 10 km/h, half of the time at work, 5 ha an hour. */
public final class Shed {
  public static final Drive DRIVE = new Drive(10, null, 10, 0.5, 20, 25);
  public static final SeedBox BOX = new SeedBox(2, null, 600, null, null, null);

  private Shed() {}

  /** A machine for a kind of work at 60 dollars an hour. */
  public static Machine of(MachineWork work) {
    return machine(work.key(), Set.of(work), List.of());
  }

  /** A machine for a way of seeding at 60 dollars an hour. */
  public static Machine seeder(SeedingMethod method) {
    return machine(method.key(), Set.of(MachineWork.SEED), List.of(method));
  }

  /** The same id for the same name. */
  public static UUID id(String name) {
    return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
  }

  private static Machine machine(String name, Set<MachineWork> works, List<SeedingMethod> methods) {
    return new Machine(
        id(name),
        name,
        works,
        methods,
        DRIVE,
        BOX,
        Presence.ALWAYS,
        new Price(60.0, null, false),
        Machine.USUAL_SET_UP_H,
        Machine.USUAL_CHANGE_H);
  }
}
