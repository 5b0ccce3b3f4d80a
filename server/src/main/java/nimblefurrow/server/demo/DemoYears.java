package nimblefurrow.server.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.Told;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;

/** Seasons past of the made-up farm, with what was first meant, and crops to come. */
@Component
class DemoYears {
  private final FieldService fields;
  private final PlanService plans;
  private final LogService log;

  DemoYears(FieldService fields, PlanService plans, LogService log) {
    this.fields = fields;
    this.plans = plans;
    this.log = log;
  }

  /** Seasons past, as the project's script wrote them from the model, and crops to come. */
  void load(UUID farm, UUID owner) {
    Map<String, FieldView> byName = new HashMap<>();
    fields.list(farm).forEach(f -> byName.put(f.name(), f));
    Map<Integer, List<PlanService.Save>> saves = new TreeMap<>();
    List<SecondThought> thoughts = new ArrayList<>();
    for (CSVRecord row : DemoRows.rows("years.csv")) {
      FieldView field = Objects.requireNonNull(byName.get(row.get("name")));
      int season = Integer.parseInt(row.get("season"));
      if (!row.get("crop").isEmpty()) {
        fields.plant(farm, field.id(), season, DemoRows.crop(row));
      }
      PlanInput plan = DemoRows.plan(row);
      if (plan != null) {
        PlanInput meant = DemoRows.meant(row, plan);
        saves
            .computeIfAbsent(season, k -> new ArrayList<>())
            .add(PlanService.Save.fresh(field.piece(), meant, field.name()));
        if (!meant.equals(plan)) {
          thoughts.add(new SecondThought(field, season, meant, plan, row.get("thought")));
        }
      }
      log(farm, field.id(), row, owner);
    }
    saves.forEach((season, all) -> plans.save(farm, season, all, "season " + season, owner));
    thoughts.forEach(t -> change(farm, t, owner));
  }

  /** What was meant at first, what was done, and why. */
  private record SecondThought(
      FieldView field, int season, PlanInput meant, PlanInput done, String why) {}

  private void change(UUID farm, SecondThought t, UUID owner) {
    PlanView stored =
        plans.ofAllYears(farm, List.of(t.field().piece())).values().stream()
            .flatMap(List::stream)
            .filter(p -> p.seasonYear() == t.season() && p.plan().equals(t.meant()))
            .findFirst()
            .orElseThrow();
    plans.save(
        farm,
        t.season(),
        List.of(PlanService.Save.of(stored, t.done(), t.field().name())),
        t.why(),
        owner);
  }

  /** What was written down of a field, in the last column of its row. */
  void log(UUID farmId, UUID fieldId, CSVRecord r, UUID owner) {
    if (r.get("log").isEmpty()) {
      return;
    }
    for (String entry : r.get("log").split(";(?=\\d{4}-)")) {
      String[] parts = entry.split("\\|", -1);
      LogKind kind = LogKind.of(parts[1]);
      Map<EntryName, String> names =
          parts.length > 3 && !parts[3].isEmpty() ? Map.of(EntryName.RESIDUAL, parts[3]) : Map.of();
      Map<EntryFigure, Double> figures =
          parts.length > 4
              ? Map.of(kind.carries().figures().get(0), Double.valueOf(parts[4]))
              : Map.of();
      log.add(
          farmId,
          fieldId,
          EntryView.of(
              UUID.randomUUID(),
              LocalDate.parse(parts[0]),
              kind,
              parts[2],
              new Told(figures, names)),
          DemoFarm.DAY,
          owner);
    }
  }
}
