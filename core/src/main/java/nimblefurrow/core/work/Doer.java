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
  /**
   * {@return a machine}
   *
   * @param m machine
   */
  public static Doer of(Machine m) {
    return new Doer(m.id(), m.name(), m);
  }

  /**
   * {@return a person on foot}
   *
   * @param id stable key
   * @param name name to find or say it by
   */
  public static Doer onFoot(UUID id, String name) {
    return new Doer(id, name + " on foot", null);
  }

  /**
   * {@return whether it does a kind of work; null asks who walks}
   *
   * @param work kind of work or work drawn up
   */
  public boolean does(@Nullable MachineWork work) {
    return machine == null ? work == null : work != null && machine.does(work);
  }

  /**
   * {@return whether it seeds in a way}
   *
   * @param method how it is seeded or ended
   */
  public boolean seeds(SeedingMethod method) {
    return machine != null && machine.seeds(method);
  }

  /** {@return the wind that decides over its hours; null where ground does} */
  public @Nullable WindLimit windLimit() {
    return machine == null ? null : machine.windLimit();
  }

  /**
   * {@return hours for an area at work}
   *
   * @param areaHa area, ha
   */
  public double hours(double areaHa) {
    return machine == null ? 0 : areaHa / machine.haPerHour();
  }

  /**
   * {@return money for a job}
   *
   * @param areaHa area, ha
   * @param hours hours at work
   * @param rateKgPerHa bulk rate of what goes out, kg/ha; 0 for work that brings nothing out
   */
  public double usd(double areaHa, double hours, double rateKgPerHa) {
    return machine == null ? 0 : machine.usd(areaHa, hours, rateKgPerHa);
  }

  /**
   * {@return whether it is on the farm on a day}
   *
   * @param day day asked for
   */
  public boolean there(LocalDate day) {
    return machine == null || machine.there(day);
  }
}
