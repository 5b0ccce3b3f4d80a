package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.hours.WindLimit;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.seeding.SeedingMethod;
import org.jspecify.annotations.Nullable;

/**
 * What does a job: a machine of the shed, or someone on foot.
 *
 * @param id of the machine or the person
 * @param name in the farm's words
 * @param machine null on foot
 */
public record Doer(UUID id, String name, @Nullable Machine machine) {
  /** A machine. */
  public static Doer of(Machine m) {
    return new Doer(m.id(), m.name(), m);
  }

  /** A person on foot. */
  public static Doer onFoot(UUID id, String name) {
    return new Doer(id, name + " on foot", null);
  }

  /** Whether it does a kind of work; null asks who walks. */
  public boolean does(@Nullable MachineWork work) {
    return machine == null ? work == null : work != null && machine.does(work);
  }

  /** Whether it seeds in a way. */
  public boolean seeds(SeedingMethod method) {
    return machine != null && machine.seeds(method);
  }

  /** The wind that decides over its hours; null where ground does. */
  public @Nullable WindLimit windLimit() {
    return machine == null ? null : machine.windLimit();
  }

  /** Hours for an area at work. */
  public double hours(double areaHa) {
    return machine == null ? 0 : areaHa / machine.haPerHour();
  }

  /** Money for a job. */
  public double usd(double areaHa, double hours) {
    return machine == null ? 0 : machine.usd(areaHa, hours);
  }

  /** Whether it is on the farm on a day. */
  public boolean there(LocalDate day) {
    return machine == null || machine.there(day);
  }
}
