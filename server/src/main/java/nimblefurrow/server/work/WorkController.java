package nimblefurrow.server.work;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotAllowed;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The crew, the plan of the work, and laying it out. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class WorkController {
  private final KeptPlan work;
  private final LayingOut layings;
  private final PlanKeeping keeping;
  private final WorkQuestions questions;
  private final CrewService crew;
  private final PinService pins;
  private final MorningService mornings;
  private final CabSheets sheets;
  private final Access access;

  WorkController(
      KeptPlan work,
      LayingOut layings,
      PlanKeeping keeping,
      WorkQuestions questions,
      CrewService crew,
      PinService pins,
      MorningService mornings,
      CabSheets sheets,
      Access access) {
    this.sheets = sheets;
    this.mornings = mornings;
    this.work = work;
    this.layings = layings;
    this.keeping = keeping;
    this.questions = questions;
    this.crew = crew;
    this.pins = pins;
    this.access = access;
  }

  @GetMapping("/crew")
  List<CrewView> crew(@PathVariable UUID farmId) {
    access.see(farmId);
    return crew.all(farmId);
  }

  @PutMapping("/crew/{id}")
  CrewView put(@PathVariable UUID farmId, @PathVariable UUID id, @RequestBody CrewView in) {
    access.manage(farmId);
    if (!in.id().equals(id)) {
      throw new InputProblem("id", "The id is not the one in the address.");
    }
    return crew.put(farmId, in);
  }

  @DeleteMapping("/crew/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID id) {
    access.manage(farmId);
    crew.remove(farmId, id);
  }

  @GetMapping("/field-work")
  WorkViews.WorkView work(@PathVariable UUID farmId) {
    access.see(farmId);
    return work.work(farmId);
  }

  /** A day's work as it is told in the morning; today's when no day is given. */
  @GetMapping("/field-work/morning")
  MorningService.Morning morning(
      @PathVariable UUID farmId, @RequestParam(required = false) @Nullable LocalDate day) {
    access.see(farmId);
    return mornings.on(farmId, day);
  }

  /** The work by machine, for paper in the cab; of four weeks from today when nothing is said. */
  @GetMapping("/field-work/sheets")
  CabSheets.Sheets sheets(
      @PathVariable UUID farmId,
      @RequestParam(required = false) @Nullable LocalDate from,
      @RequestParam(required = false) @Nullable Integer days) {
    access.see(farmId);
    return sheets.of(farmId, from, days);
  }

  /** The last laying-out, if there was one. */
  record LastRun(WorkViews.@Nullable RunView run) {}

  @GetMapping("/field-work/run")
  LastRun last(@PathVariable UUID farmId) {
    access.see(farmId);
    return new LastRun(layings.last(farmId));
  }

  @PostMapping("/field-work/run")
  WorkViews.RunView ask(@PathVariable UUID farmId, @RequestBody WorkViews.RunInput in) {
    access.manage(farmId);
    try {
      return layings.ask(farmId, in, access.person().name(), List.of());
    } catch (DataIntegrityViolationException e) {
      // Someone else, or the program itself, asked in the same moment: that one is shown.
      return Objects.requireNonNull(layings.last(farmId));
    }
  }

  @PostMapping("/field-work/run/{runId}/stop")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stop(@PathVariable UUID farmId, @PathVariable UUID runId) {
    access.manage(farmId);
    layings.stop(farmId, runId);
  }

  @PostMapping("/field-work/keep")
  WorkViews.WorkView keep(@PathVariable UUID farmId, @RequestBody WorkViews.KeepInput in) {
    access.manage(farmId);
    return keeping.keep(farmId, in, access.person().id());
  }

  /** Whether there was anything to take back. */
  record TakenBack(boolean undone) {}

  @PostMapping("/field-work/undo")
  TakenBack undo(@PathVariable UUID farmId) {
    access.manage(farmId);
    return new TakenBack(keeping.undo(farmId));
  }

  @PostMapping("/field-work/{itemId}/done")
  WorkViews.WorkView done(
      @PathVariable UUID farmId, @PathVariable UUID itemId, @RequestBody WorkViews.DoneItem in) {
    access.work(farmId);
    if (!access.mayWork(work.worked(farmId, itemId))) {
      throw new NotAllowed("That field is a customer's; only who may log work there ticks it off.");
    }
    return work.done(farmId, itemId, in.share(), in.day(), access.person().id());
  }

  @PutMapping("/field-work/jobs/{fieldId}/{job}/pin")
  WorkViews.WorkView pin(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable String job,
      @RequestBody WorkViews.PinInput in) {
    access.manage(farmId);
    pins.pin(farmId, fieldId, job, in);
    return work.work(farmId);
  }

  @GetMapping("/field-work/jobs/{fieldId}/{job}/elsewhere")
  List<WorkViews.ElsewhereView> elsewhere(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable String job,
      @RequestParam(required = false) @Nullable UUID runId) {
    access.see(farmId);
    return questions.elsewhere(farmId, fieldId, job, runId);
  }

  @GetMapping("/field-work/odds")
  WorkViews.OddsView odds(@PathVariable UUID farmId) {
    access.see(farmId);
    return questions.odds(farmId);
  }

  /** One person's days, or everyone's, as a calendar file. */
  @GetMapping("/field-work.ics")
  ResponseEntity<byte[]> calendar(
      @PathVariable UUID farmId, @RequestParam(defaultValue = "") String person) {
    access.see(farmId);
    String ics = WorkCalendar.write(work.work(farmId).items(), person);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("text/calendar"))
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"work.ics\"")
        .body(ics.getBytes(StandardCharsets.UTF_8));
  }
}
