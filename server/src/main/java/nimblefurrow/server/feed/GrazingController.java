package nimblefurrow.server.feed;

import java.util.UUID;
import nimblefurrow.server.people.Access;
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

/** Animals on covers. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class GrazingController {
  private final GrazingService grazing;
  private final Access access;

  GrazingController(GrazingService grazing, Access access) {
    this.grazing = grazing;
    this.access = access;
  }

  @GetMapping("/fields/{fieldId}/grazing")
  GrazingViews.GrazingView grazing(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    return grazing.of(farmId, fieldId);
  }

  @PutMapping("/grazing-groups/{groupId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void put(
      @PathVariable UUID farmId,
      @PathVariable UUID groupId,
      @RequestBody GrazingViews.GroupInput group) {
    access.manage(farmId);
    grazing.put(farmId, groupId, group);
  }

  @DeleteMapping("/grazing-groups/{groupId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID groupId) {
    access.manage(farmId);
    grazing.remove(farmId, groupId, true);
  }

  @PostMapping("/grazing-groups/{groupId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable UUID farmId, @PathVariable UUID groupId) {
    access.manage(farmId);
    grazing.remove(farmId, groupId, false);
  }
}
