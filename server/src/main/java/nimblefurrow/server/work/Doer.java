package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.server.shed.MachineView;
import org.jspecify.annotations.Nullable;

/**
 * What does a job: a machine of the shed, or someone on foot.
 *
 * @param id of the machine or the person
 * @param machine null on foot
 */
record Doer(UUID id, String name, @Nullable MachineView machine) {
  static Doer of(MachineView m) {
    return new Doer(m.id(), m.name(), m);
  }

  static Doer onFoot(CrewView c) {
    return new Doer(c.id(), c.name() + " on foot", null);
  }

  /** Whether it does a kind of work. */
  boolean does(MachineWork kind) {
    return machine != null && machine.does(kind);
  }

  /** Money for a job. */
  double usd(double areaHa, double hours) {
    return machine == null ? 0 : machine.usd(areaHa, hours);
  }

  /** Whether it is on the farm on a day. */
  boolean there(LocalDate day) {
    return machine == null || machine.there(day);
  }
}
