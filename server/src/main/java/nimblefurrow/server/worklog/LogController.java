package nimblefurrow.server.worklog;

import java.util.UUID;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.NotFound;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The log of a field. */
@RestController
@RequestMapping("/api/farms/{farmId}/fields/{fieldId}/log")
class LogController {
  private final LogService log;
  private final FieldRecord record;
  private final LogCorrections corrections;
  private final MachineNames machines;
  private final FieldService fields;
  private final FarmService farms;
  private final Access access;

  LogController(
      LogService log,
      FieldRecord record,
      LogCorrections corrections,
      MachineNames machines,
      FieldService fields,
      FarmService farms,
      Access access) {
    this.log = log;
    this.record = record;
    this.corrections = corrections;
    this.machines = machines;
    this.fields = fields;
    this.farms = farms;
    this.access = access;
  }

  @GetMapping
  LogViews.FieldLog list(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    fields.get(farmId, fieldId);
    return record.of(farms.get(farmId), fieldId);
  }

  @PutMapping("/{entryId}")
  EntryView add(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID entryId,
      @RequestBody LogViews.EntryInput input) {
    access.work(farmId);
    EntryView entry = input.entry(entryId);
    check(farmId, fieldId, entry);
    return log.add(farmId, fieldId, entry, farms.get(farmId).today(), access.person().id());
  }

  /** Puts an entry right; what it said before stays with it. */
  @PostMapping("/{entryId}/correct")
  EntryView correct(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID entryId,
      @RequestBody LogViews.Correction input) {
    access.work(farmId);
    EntryView entry = input.entry().entry(entryId);
    check(farmId, fieldId, entry);
    return corrections.correct(
        farmId, fieldId, entry, input.version(), farms.get(farmId).today(), access.person().id());
  }

  /** It is of the farm's own field and machine, and of no more than the field has. */
  private void check(UUID farmId, UUID fieldId, EntryView entry) {
    AreaDone.check(fields.get(farmId, fieldId), entry);
    UUID machine = entry.machineId();
    if (machine != null && !machines.names(farmId).containsKey(machine)) {
      throw new NotFound("This farm has no such machine.");
    }
  }

  @DeleteMapping("/{entryId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID fieldId, @PathVariable UUID entryId) {
    access.work(farmId);
    log.remove(farmId, entryId, access.person().id());
  }

  /** Brings back an entry that was taken out, with the seed it drew. */
  @PostMapping("/{entryId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable UUID farmId, @PathVariable UUID fieldId, @PathVariable UUID entryId) {
    access.work(farmId);
    log.restore(farmId, entryId);
  }
}
