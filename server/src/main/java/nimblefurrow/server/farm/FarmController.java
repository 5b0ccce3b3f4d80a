package nimblefurrow.server.farm;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.FarmChanges;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Farms of the person who asks. */
@RestController
@RequestMapping("/api/farms")
class FarmController {
  private final FarmService farms;
  private final FarmChanges changes;
  private final Access access;

  FarmController(FarmService farms, FarmChanges changes, Access access) {
    this.changes = changes;
    this.farms = farms;
    this.access = access;
  }

  record NewFarm(String name) {}

  record FarmInput(@Nullable Long version, String name) {}

  record ClockInput(LocalDate today) {}

  /**
   * Where a farm's changes stand.
   *
   * @param count another text after every change, whoever made it
   */
  record Changes(String count) {}

  @GetMapping
  List<FarmView> mine() {
    return farms.mine();
  }

  @PostMapping
  FarmView found(@RequestBody NewFarm input) {
    return farms.found(input.name(), access.person().id());
  }

  @PutMapping("/{farmId}")
  FarmView change(@PathVariable UUID farmId, @RequestBody FarmInput input) {
    return farms.change(farmId, input.version(), input.name());
  }

  /** Deletes a farm for good; its name is said again, so that nobody does it by mistake. */
  @PostMapping("/{farmId}/delete")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID farmId, @RequestBody NewFarm input) {
    farms.delete(farmId, input.name());
  }

  /** For pages that are left open: whether somebody has changed the farm since. */
  @GetMapping("/{farmId}/changes")
  Changes changes(@PathVariable UUID farmId) {
    access.see(farmId);
    return new Changes(changes.of(farmId));
  }

  @PutMapping("/{farmId}/clock")
  FarmView setDay(@PathVariable UUID farmId, @RequestBody ClockInput input) {
    return farms.setDay(farmId, input.today());
  }
}
