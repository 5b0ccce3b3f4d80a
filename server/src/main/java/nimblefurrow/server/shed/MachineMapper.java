package nimblefurrow.server.shed;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.machine.Drive;
import nimblefurrow.core.machine.HireTerms;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.machine.Presence;
import nimblefurrow.core.machine.Price;
import nimblefurrow.core.machine.SeedBox;
import nimblefurrow.core.seeding.SeedingMethod;
import org.jspecify.annotations.Nullable;

/** A machine of the wire as work is reckoned with it. */
final class MachineMapper {
  private MachineMapper() {}

  static Machine machine(MachineView v) {
    return new Machine(
        v.id(),
        v.name(),
        v.kinds().stream().map(MachineWork::of).collect(Collectors.toSet()),
        v.methods().stream().map(SeedingMethod::of).toList(),
        new Drive(
                v.widthM(),
                v.provenSwathM(),
                v.speedKmh(),
                v.efficiency(),
                v.turnS(),
                or(v.roadKmh(), Machine.USUAL_ROAD_KMH))
            .taking(or(v.hoursTimes(), 1)),
        new SeedBox(
            v.hopperM3(), v.payloadKg(), v.refillS(), v.tenderM(), v.ferryKmh(), v.batteryMin()),
        presence(v),
        new Price(v.usdPerHour(), v.usdPerHa(), v.hired(), terms(v.terms())),
        or(v.setUpH(), Machine.USUAL_SET_UP_H),
        or(v.changeH(), Machine.USUAL_CHANGE_H));
  }

  private static HireTerms terms(MachineView.@Nullable Terms t) {
    return t == null
        ? HireTerms.NONE
        : new HireTerms(
            t.weightLimitKgPerHa(), or(t.leastUsd(), 0), or(t.wayKm(), 0), or(t.usdPerKm(), 0));
  }

  private static Presence presence(MachineView v) {
    List<Integer> days = v.weekdays();
    MachineView.Out out = v.out();
    return new Presence(
        days == null
            ? Presence.ALWAYS.weekdays()
            : days.stream().map(DayOfWeek::of).collect(Collectors.toSet()),
        v.onlyDays() == null ? Set.of() : Set.copyOf(v.onlyDays()),
        out == null ? null : new Presence.Out(out.from(), out.until()));
  }

  private static double or(@Nullable Double value, double usual) {
    return value == null ? usual : value;
  }
}
