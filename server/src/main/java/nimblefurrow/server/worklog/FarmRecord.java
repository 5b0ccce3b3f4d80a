package nimblefurrow.server.worklog;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldYears;
import nimblefurrow.server.people.AccountService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The record of a whole farm, for whoever needs it on paper. Callers have checked who asks. */
@Service
public class FarmRecord {
  private final LogEntries entries;
  private final LogCorrections corrections;
  private final FieldService fields;
  private final AccountService accounts;
  private final MachineNames machines;

  FarmRecord(
      LogEntries entries,
      LogCorrections corrections,
      FieldService fields,
      AccountService accounts,
      MachineNames machines) {
    this.entries = entries;
    this.corrections = corrections;
    this.fields = fields;
    this.accounts = accounts;
    this.machines = machines;
  }

  /**
   * One entry with its field.
   *
   * @param crop that came off in its year, of a harvest; null of others
   * @param yieldUnit how that crop's yield is said; null of others
   * @param by who wrote it down; null where the program did
   * @param corrected how often it was put right
   */
  public record Line(
      UUID fieldId,
      String field,
      EntryView entry,
      @Nullable String crop,
      @Nullable Unit yieldUnit,
      @Nullable String machine,
      @Nullable String by,
      Instant writtenAt,
      int corrected) {}

  /** All entries of the fields a farm has, oldest first. */
  @Transactional(readOnly = true)
  public List<Line> of(FarmView farm) {
    List<LogEntry> all = entries.findByFarmIdOrderByDoneOnAscCreatedAtAscIdAsc(farm.id());
    Map<UUID, FieldYears> years =
        fields.years(farm.id()).stream().collect(Collectors.toMap(FieldYears::id, f -> f));
    Map<UUID, String> shed = machines.names(farm.id());
    Map<UUID, String> people =
        accounts.names(
            all.stream().map(e -> e.accountId).filter(Objects::nonNull).distinct().toList());
    Map<UUID, List<LogRevision>> earlier =
        corrections.of(farm.id(), all.stream().map(e -> e.id).toList());
    return all.stream()
        .filter(e -> years.containsKey(e.fieldId))
        .map(
            e -> {
              FieldYears field = Objects.requireNonNull(years.get(e.fieldId));
              CropKind crop = e.kind == LogKind.HARVESTED ? crop(field, e) : null;
              return new Line(
                  field.id(),
                  field.name(),
                  LogService.view(e),
                  crop == null ? null : crop.label(),
                  crop == null ? null : crop.yieldUnit(),
                  e.machineId == null ? null : shed.get(e.machineId),
                  e.accountId == null ? null : people.get(e.accountId),
                  e.createdAt,
                  earlier.getOrDefault(e.id, List.of()).size());
            })
        .toList();
  }

  private static @Nullable CropKind crop(FieldYears field, LogEntry e) {
    var crop = field.crops().get(e.doneOn.getYear());
    return crop == null ? null : CropKind.of(crop.kind());
  }
}
