package nimblefurrow.server.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to watch after an ending, and what was taken on. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class WatchController {
  private final WatchService watch;
  private final Access access;

  WatchController(WatchService watch, Access access) {
    this.watch = watch;
    this.access = access;
  }

  /** Something to look for; {@code taken} once it stands among the follow-ups. */
  record WatchItem(
      String kind, LocalDate from, LocalDate to, ReasonView what, ReasonView why, boolean taken) {}

  /** Something taken on. */
  record FollowUpView(
      UUID id,
      UUID fieldId,
      String field,
      String kind,
      LocalDate dueFrom,
      LocalDate dueTo,
      String words,
      @Nullable LocalDate doneOn) {}

  /** What is to be taken on; the id is the caller's, so that two taps make one. */
  record FollowUpInput(String kind, LocalDate dueFrom, LocalDate dueTo, String words) {}

  /** The day it was done; null when it is open again. */
  record DoneInput(@Nullable LocalDate doneOn) {}

  @GetMapping("/fields/{fieldId}/watch")
  List<WatchItem> watch(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    return watch.list(farmId, fieldId);
  }

  @GetMapping("/follow-ups")
  List<FollowUpView> followUps(@PathVariable UUID farmId) {
    access.see(farmId);
    return watch.followUps(farmId);
  }

  @PutMapping("/fields/{fieldId}/follow-ups/{id}")
  List<FollowUpView> take(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID id,
      @RequestBody FollowUpInput in) {
    access.work(farmId);
    watch.take(farmId, fieldId, id, in);
    return watch.followUps(farmId);
  }

  @PostMapping("/follow-ups/{id}/done")
  List<FollowUpView> done(
      @PathVariable UUID farmId, @PathVariable UUID id, @RequestBody DoneInput in) {
    access.work(farmId);
    watch.done(farmId, id, in.doneOn());
    return watch.followUps(farmId);
  }
}
