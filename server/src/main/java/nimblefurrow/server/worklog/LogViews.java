package nimblefurrow.server.worklog;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/** What is sent and shown of a field's record. */
final class LogViews {
  private LogViews() {}

  /**
   * One thing done or seen, as it is written down.
   *
   * @param figures by the keys of kinds of figures, in their units; null where there are none
   * @param names choices by the keys of what is named; null where there are none
   */
  record EntryInput(
      LocalDate doneOn,
      LogKind kind,
      String words,
      @Nullable Map<String, Double> figures,
      @Nullable Map<String, String> names,
      @Nullable UUID machineId) {
    EntryView entry(UUID id) {
      return new EntryView(
          id,
          doneOn,
          kind,
          words,
          figures == null ? Map.of() : figures,
          names == null ? Map.of() : names,
          Map.of(),
          List.of(),
          machineId);
    }
  }

  /**
   * An entry as it should have been.
   *
   * @param version of the entry that was read
   */
  record Correction(EntryInput entry, long version) {}

  /** What an entry said until a moment, and who changed it then. */
  record Earlier(
      Instant until,
      @Nullable String by,
      LocalDate doneOn,
      String words,
      Map<String, Double> figures,
      Map<String, String> names) {}

  /**
   * An entry with where it comes from.
   *
   * @param by who wrote it down; null where the program did
   * @param machine what did it; null where it was not told
   * @param earlier what it said before it was corrected, oldest first
   * @param weather of its day; null where the station has none, or weather does not matter to it
   */
  record Recorded(
      EntryView entry,
      long version,
      @Nullable String by,
      Instant writtenAt,
      @Nullable String machine,
      List<Earlier> earlier,
      @Nullable DayWeather weather) {}

  /**
   * What came off a field in a year.
   *
   * @param yieldUnit how its yield is said
   */
  record CropOff(int year, String crop, Unit yieldUnit) {}

  /** All of a field, newest first, and what came off it by year. */
  record FieldLog(List<Recorded> entries, List<CropOff> crops) {}

  /** The weather of a day by the farm's station. */
  record DayWeather(
      double lowC, double highC, double rainMm, @Nullable Double windMPerS, String station) {}
}
