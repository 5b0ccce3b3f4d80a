package nimblefurrow.server.season;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A day of catching up. */
@RestController
@RequestMapping("/api/farms/{farmId}/catch-up")
class CatchUpController {
  private final CatchUpService catchUp;
  private final Access access;

  CatchUpController(CatchUpService catchUp, Access access) {
    this.catchUp = catchUp;
    this.access = access;
  }

  record Answers(List<CatchUpService.DeedAnswer> answers) {}

  @GetMapping
  List<CatchUpService.Unsaid> unsaid(@PathVariable UUID farmId) {
    access.see(farmId);
    return catchUp.unsaid(farmId);
  }

  @PostMapping
  CatchUpService.Answered answer(@PathVariable UUID farmId, @RequestBody Answers in) {
    access.work(farmId);
    List<UUID> entries = catchUp.answer(farmId, in.answers(), access.person().id());
    return new CatchUpService.Answered(
        entries,
        in.answers().stream().map(CatchUpService.DeedAnswer::fieldId).toList(),
        catchUp.unsaid(farmId));
  }
}
