package nimblefurrow.server.seedstock;

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

/** Seed lots and mixes of a farm. */
@RestController
@RequestMapping("/api/farms/{farmId}/seed")
class SeedController {
  private final SeedService seed;
  private final Access access;

  SeedController(SeedService seed, Access access) {
    this.seed = seed;
    this.access = access;
  }

  @GetMapping("/lots")
  List<LotView> lots(@PathVariable UUID farmId) {
    access.see(farmId);
    return seed.lots(farmId);
  }

  @PutMapping("/lots/{lotId}")
  LotView put(@PathVariable UUID farmId, @PathVariable UUID lotId, @RequestBody LotView lot) {
    access.work(farmId);
    sameId(lot.id(), lotId);
    return seed.put(farmId, lot);
  }

  @DeleteMapping("/lots/{lotId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID lotId) {
    access.manage(farmId);
    seed.remove(farmId, lotId, true);
  }

  @PostMapping("/lots/{lotId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable UUID farmId, @PathVariable UUID lotId) {
    access.manage(farmId);
    seed.remove(farmId, lotId, false);
  }

  @GetMapping("/mixes")
  List<MixView> mixes(@PathVariable UUID farmId) {
    access.see(farmId);
    return seed.mixes(farmId);
  }

  @PutMapping("/mixes/{mixId}")
  MixView putMix(@PathVariable UUID farmId, @PathVariable UUID mixId, @RequestBody MixView mix) {
    access.manage(farmId);
    sameId(mix.id(), mixId);
    return seed.putMix(farmId, mix);
  }

  @DeleteMapping("/mixes/{mixId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeMix(@PathVariable UUID farmId, @PathVariable UUID mixId) {
    access.manage(farmId);
    seed.removeMix(farmId, mixId);
  }

  private static void sameId(UUID body, UUID path) {
    if (!body.equals(path)) {
      throw new InputProblem("id", "The id is not the one in the address.");
    }
  }
}
