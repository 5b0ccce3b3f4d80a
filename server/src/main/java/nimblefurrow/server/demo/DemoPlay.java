package nimblefurrow.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.server.farm.DayMoved;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.apache.commons.csv.CSVRecord;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Lives the demonstration's season when its day is moved on: jobs are done as they were laid out or
 * planned, with the luck that is written down in {@code luck.csv}, and some without a word. Moved
 * back, what lies ahead again is taken out.
 */
@Component
class DemoPlay {
  private static final String WORDS = "as laid out; the demonstration's own luck";
  private static final String WITHOUT_A_WORD = "?";
  private static final Map<String, Map<Deed, String>> LUCK = read();

  private final PlannedFields planned;
  private final LogService log;
  private final FarmService farms;

  DemoPlay(PlannedFields planned, LogService log, FarmService farms) {
    this.planned = planned;
    this.log = log;
    this.farms = farms;
  }

  @EventListener
  void moved(DayMoved day) {
    if (day.now().isBefore(day.was())) {
      takeBack(day);
      return;
    }
    // What is done makes the next thing due: seeded, then ended, then planted.
    for (Deed deed : Deed.values()) {
      for (PlannedField f : planned.everything(farms.get(day.farmId()))) {
        DeedStanding s = f.standing().of(deed);
        luck(f, deed).ifPresent(late -> play(day, f, s, late));
      }
    }
  }

  private static Optional<Integer> luck(PlannedField f, Deed deed) {
    String luck = LUCK.getOrDefault(f.field().name(), Map.of()).getOrDefault(deed, "0");
    return luck.equals(WITHOUT_A_WORD) ? Optional.empty() : Optional.of(Integer.parseInt(luck));
  }

  private void play(DayMoved day, PlannedField f, DeedStanding s, int daysLate) {
    LocalDate on = s.day().plusDays(daysLate);
    boolean passed = s.state() != DeedStanding.State.NONE && s.state() != DeedStanding.State.LOGGED;
    if (!passed || on.isAfter(day.now()) || on.isBefore(day.was().minusDays(1))) {
      return;
    }
    log.add(
        day.farmId(),
        f.field().id(),
        EntryView.of(UUID.randomUUID(), on, s.deed().logKind(), WORDS),
        day.now(),
        null);
  }

  private void takeBack(DayMoved day) {
    for (PlannedField f : planned.everything(farms.get(day.farmId()))) {
      for (EntryView e : log.of(day.farmId(), f.field().id())) {
        if (e.words().equals(WORDS) && e.doneOn().isAfter(day.now())) {
          log.drop(day.farmId(), e.id());
        }
      }
    }
  }

  private static Map<String, Map<Deed, String>> read() {
    Map<String, Map<Deed, String>> all = new HashMap<>();
    try (InputStream in =
        Objects.requireNonNull(DemoPlay.class.getResourceAsStream("/demo/luck.csv"))) {
      for (CSVRecord r : CsvTable.rows(new InputStreamReader(in, StandardCharsets.UTF_8))) {
        Map<Deed, String> luck = new HashMap<>();
        for (Deed deed : Deed.values()) {
          luck.put(deed, r.get(deed.key()));
        }
        all.put(r.get("name"), luck);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return all;
  }
}
