package nimblefurrow.server.demo;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
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
  private static final double CENTS = 100;

  private final FieldService fields;
  private final PlanService plans;
  private final LogService log;
  private final EntityManager session;

  DemoYears(FieldService fields, PlanService plans, LogService log, EntityManager session) {
    this.fields = fields;
    this.plans = plans;
    this.log = log;
    this.session = session;
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
      log(farm, field, row, owner);
      putAside();
    }
    saves.forEach((season, all) -> plans.save(farm, season, all, "season " + season, owner));
    thoughts.forEach(t -> change(farm, t, owner));
  }

  /**
   * Writes what was said so far and lets go of it: whatever the session still holds is compared
   * anew at every question to the database.
   */
  void putAside() {
    session.flush();
    session.clear();
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
  void log(UUID farmId, FieldView field, CSVRecord r, UUID owner) {
    if (r.get("log").isEmpty()) {
      return;
    }
    for (String entry : r.get("log").split(";(?=\\d{4}-)")) {
      String[] parts = entry.split("\\|", -1);
      LogKind kind = LogKind.of(parts[1]);
      Map<EntryName, String> names = parts.length > 3 ? names(parts[3]) : Map.of();
      Map<EntryFigure, Double> figures =
          parts.length > 4 ? figures(kind, parts[4], field.areaHa()) : Map.of();
      log.add(
          farmId,
          field.id(),
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

  /** Names as “key:word,key:word”; a word alone is the residual's. */
  private static Map<EntryName, String> names(String words) {
    Map<EntryName, String> all = new HashMap<>();
    for (String word : words.split(",", -1)) {
      int colon = word.indexOf(':');
      if (colon > 0) {
        all.put(EntryName.of(word.substring(0, colon)), word.substring(colon + 1));
      } else if (!word.isEmpty()) {
        all.put(EntryName.RESIDUAL, word);
      }
    }
    return all;
  }

  /**
   * The first figure that the kind carries, or others as “key:number,key:number”; money stands per
   * hectare and is kept to the cent.
   */
  private static Map<EntryFigure, Double> figures(LogKind kind, String words, double areaHa) {
    Map<EntryFigure, Double> all = new EnumMap<>(EntryFigure.class);
    for (String word : words.split(",", -1)) {
      int colon = word.indexOf(':');
      EntryFigure figure =
          colon > 0 ? EntryFigure.of(word.substring(0, colon)) : kind.carries().figures().get(0);
      double value = Double.parseDouble(word.substring(colon + 1));
      all.put(
          figure, figure == EntryFigure.MONEY ? Math.round(value * areaHa * CENTS) / CENTS : value);
    }
    return all;
  }
}
