package nimblefurrow.server.ending;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.count.HeightCover;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Usual;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.Access;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Mulch from height and shade, learned from what was clipped on this farm. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class PairController {

  private final ClippedPairs pairs;
  private final FieldService fields;
  private final Access access;

  PairController(ClippedPairs pairs, FieldService fields, Access access) {
    this.pairs = pairs;
    this.fields = fields;
    this.access = access;
  }

  /** A clipped sample with the height and shade it had. */
  record PairInput(LocalDate clippedOn, double heightCm, double cover, double mgPerHa) {}

  @GetMapping("/height-cover")
  @Transactional(readOnly = true)
  public HeightCover estimate(
      @PathVariable UUID farmId, @RequestParam double heightCm, @RequestParam double cover) {
    access.see(farmId);
    return HeightCover.of(known(farmId), heightCm, cover, Usual.of("confidence"));
  }

  @PutMapping("/fields/{fieldId}/pairs/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  public void keep(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID id,
      @RequestBody PairInput in) {
    access.work(farmId);
    fields.get(farmId, fieldId);
    new HeightCover.Pair(in.heightCm(), in.cover(), in.mgPerHa());
    Need.notNegative("mgPerHa", "The dry cover", in.mgPerHa());
    if (pairs.toPut(farmId, id, "There is no such sample on this field.").isPresent()) {
      return;
    }
    ClippedPair p = new ClippedPair();
    p.id = id;
    p.farmId = farmId;
    p.fieldId = fieldId;
    p.clippedOn = in.clippedOn();
    p.heightCm = in.heightCm();
    p.cover = in.cover();
    p.mgPerHa = in.mgPerHa();
    pairs.save(p);
  }

  private List<HeightCover.Pair> known(UUID farmId) {
    return pairs.findByFarmId(farmId).stream()
        .map(p -> new HeightCover.Pair(p.heightCm, p.cover, p.mgPerHa))
        .toList();
  }
}
