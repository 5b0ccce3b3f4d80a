package nimblefurrow.server.cover;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.InputProblem;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Species of a farm's own. */
@RestController
@RequestMapping("/api/farms/{farmId}/species")
class SpeciesController {
  private final SpeciesService species;
  private final Access access;

  SpeciesController(SpeciesService species, Access access) {
    this.species = species;
    this.access = access;
  }

  @GetMapping
  List<OwnSpeciesView> own(@PathVariable UUID farmId) {
    access.see(farmId);
    return species.own(farmId);
  }

  @PutMapping("/{speciesId}")
  OwnSpeciesView put(
      @PathVariable UUID farmId, @PathVariable String speciesId, @RequestBody OwnSpeciesView in) {
    access.manage(farmId);
    if (!in.facts().id().equals(speciesId)) {
      throw new InputProblem("id", "The id is not the one in the address.");
    }
    return species.put(farmId, in);
  }

  @DeleteMapping("/{speciesId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable String speciesId) {
    access.manage(farmId);
    species.remove(farmId, speciesId);
  }
}
