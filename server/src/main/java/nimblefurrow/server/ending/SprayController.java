package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.InputProblem;
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

/** Spray products and sheets of a farm. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class SprayController {
  private final SprayService sprays;
  private final Access access;

  SprayController(SprayService sprays, Access access) {
    this.sprays = sprays;
    this.access = access;
  }

  @GetMapping("/products")
  List<SprayViews.ProductView> products(@PathVariable UUID farmId) {
    access.see(farmId);
    return sprays.products(farmId);
  }

  @PutMapping("/products/{productId}")
  SprayViews.ProductView put(
      @PathVariable UUID farmId,
      @PathVariable UUID productId,
      @RequestBody SprayViews.ProductView in) {
    access.work(farmId);
    if (!in.id().equals(productId)) {
      throw new InputProblem("id", "The id is not the one in the address.");
    }
    return sprays.put(farmId, in);
  }

  @DeleteMapping("/products/{productId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID productId) {
    access.work(farmId);
    sprays.remove(farmId, productId);
  }

  @PostMapping("/fields/{fieldId}/spray")
  SprayViews.SpraySheet sheet(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestBody SprayViews.SprayInput in) {
    access.see(farmId);
    return sprays.sheet(farmId, fieldId, in);
  }

  @PutMapping("/fields/{fieldId}/sprays/{entryId}")
  SprayViews.SpraySheet sprayed(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID entryId,
      @RequestBody SprayViews.SprayInput in) {
    access.work(farmId);
    return sprays.sprayed(farmId, fieldId, entryId, in, access.person().id());
  }
}
