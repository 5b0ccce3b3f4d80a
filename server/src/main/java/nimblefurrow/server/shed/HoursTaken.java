package nimblefurrow.server.shed;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.learn.FarmLearning;
import nimblefurrow.core.learn.Learnt;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.learn.LearntFrom;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Component;

/** Hours of machines that were written down, against those reckoned; of seedings the job knows. */
@Component
class HoursTaken implements LearntFrom {
  private final ShedService shed;
  private final LogService log;
  private final FieldService fields;

  HoursTaken(ShedService shed, LogService log, FieldService fields) {
    this.shed = shed;
    this.log = log;
    this.fields = fields;
  }

  @Override
  public List<FarmLearning.Seen> seen(FarmView farm) {
    Map<UUID, Machine> machines =
        shed.reckoned(farm.id()).stream()
            .collect(Collectors.toMap(MachineView::id, MachineView::machine));
    Map<UUID, FieldView> all = new HashMap<>();
    fields.list(farm.id()).forEach(f -> all.put(f.id(), f));
    List<FarmLearning.Seen> seen = new ArrayList<>();
    for (LogKind kind : LogKind.values()) {
      if (kind.byMachine() && kind != LogKind.SEEDED) {
        log.ofKind(farm.id(), kind)
            .forEach((field, entries) -> add(seen, machines, all.get(field), entries));
      }
    }
    return seen;
  }

  private static void add(
      List<FarmLearning.Seen> seen,
      Map<UUID, Machine> machines,
      @org.jspecify.annotations.Nullable FieldView field,
      List<EntryView> entries) {
    for (EntryView e : entries) {
      Double hours = e.get(EntryFigure.HOURS);
      Machine machine = e.machineId() == null ? null : machines.get(e.machineId());
      if (hours != null && machine != null && field != null) {
        Double area = e.get(EntryFigure.AREA);
        double reckoned = (area == null ? field.areaHa() : area) / machine.haPerHour();
        seen.add(
            new FarmLearning.Seen(
                Learnt.HOURS,
                machine.id().toString(),
                machine.name(),
                field.name(),
                e.doneOn(),
                reckoned,
                hours));
      }
    }
  }
}
