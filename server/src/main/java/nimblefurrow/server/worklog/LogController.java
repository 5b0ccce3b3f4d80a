package nimblefurrow.server.worklog;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.standing.LogKind;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.Access;
import org.jspecify.annotations.Nullable;
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
  private final FieldService fields;
  private final FarmService farms;
  private final Access access;

  LogController(LogService log, FieldService fields, FarmService farms, Access access) {
    this.log = log;
    this.fields = fields;
    this.farms = farms;
    this.access = access;
  }

  record EntryInput(
      LocalDate doneOn,
      LogKind kind,
      String words,
      @Nullable String species,
      @Nullable String stage,
      @Nullable Double amount,
      @Nullable String residual) {}

  @GetMapping
  List<LogService.EntryView> list(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    fields.get(farmId, fieldId);
    return log.of(farmId, fieldId);
  }

  @PutMapping("/{entryId}")
  LogService.EntryView add(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID entryId,
      @RequestBody EntryInput input) {
    access.work(farmId);
    fields.get(farmId, fieldId);
    return log.add(
        farmId,
        fieldId,
        new LogService.EntryView(
            entryId,
            input.doneOn(),
            input.kind(),
            input.words(),
            input.species(),
            input.stage(),
            input.amount(),
            input.residual()),
        farms.get(farmId).today(),
        access.person().id());
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
