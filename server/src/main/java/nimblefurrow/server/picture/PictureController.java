package nimblefurrow.server.picture;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.record.Spots;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.Access;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
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

/** Pictures of fields, each on an entry of the record. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class PictureController {
  private static final Duration KEPT = Duration.ofDays(30);

  private final PictureService pictures;
  private final FarmService farms;
  private final FieldService fields;
  private final Access access;

  PictureController(
      PictureService pictures, FarmService farms, FieldService fields, Access access) {
    this.pictures = pictures;
    this.fields = fields;
    this.farms = farms;
    this.access = access;
  }

  @GetMapping("/fields/{fieldId}/pictures")
  List<PictureView> of(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    fields.get(farmId, fieldId);
    return pictures.of(farmId, fieldId);
  }

  /**
   * Puts a picture to an entry. Day and place are read from the picture where they are not said.
   */
  @PutMapping(
      path = "/fields/{fieldId}/log/{entryId}/pictures/{pictureId}",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  PictureView add(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID entryId,
      @PathVariable UUID pictureId,
      @RequestParam(required = false) @Nullable LocalDate takenOn,
      @RequestParam(required = false) @Nullable Double latitude,
      @RequestParam(required = false) @Nullable Double longitude,
      @RequestParam(defaultValue = "false") boolean turned,
      @RequestParam(defaultValue = "false") boolean measure,
      @RequestBody byte[] picture) {
    access.work(farmId);
    PictureService.Told told =
        new PictureService.Told(takenOn, place(latitude, longitude), turned, measure);
    UUID kept =
        pictures.add(
            farmId,
            fieldId,
            entryId,
            pictureId,
            picture,
            told,
            farms.get(farmId).today(),
            access.person().id());
    return pictures.view(farmId, fieldId, kept);
  }

  private static Spots.@Nullable Place place(
      @Nullable Double latitude, @Nullable Double longitude) {
    if (latitude == null && longitude == null) {
      return null;
    }
    if (latitude == null || longitude == null) {
      throw new Refused(
          latitude == null ? "latitude" : "longitude", "A place has a latitude and a longitude.");
    }
    return new Spots.Place(latitude, longitude);
  }

  @GetMapping("/pictures/{pictureId}")
  ResponseEntity<byte[]> whole(@PathVariable UUID farmId, @PathVariable UUID pictureId) {
    return jpeg(farmId, pictureId, false);
  }

  @GetMapping("/pictures/{pictureId}/small")
  ResponseEntity<byte[]> small(@PathVariable UUID farmId, @PathVariable UUID pictureId) {
    return jpeg(farmId, pictureId, true);
  }

  private ResponseEntity<byte[]> jpeg(UUID farmId, UUID pictureId, boolean small) {
    access.see(farmId);
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        // A picture never changes; only what is said of it does.
        .cacheControl(CacheControl.maxAge(KEPT).cachePrivate().immutable())
        .body(pictures.bytes(farmId, pictureId, small));
  }

  /** Measures the green cover of a picture that was taken straight down. */
  @PostMapping("/pictures/{pictureId}/green-cover")
  PictureView measure(@PathVariable UUID farmId, @PathVariable UUID pictureId) {
    access.work(farmId);
    return pictures.measure(farmId, pictureId);
  }

  @DeleteMapping("/pictures/{pictureId}/place")
  PictureView withoutPlace(@PathVariable UUID farmId, @PathVariable UUID pictureId) {
    access.work(farmId);
    return pictures.withoutPlace(farmId, pictureId);
  }

  @DeleteMapping("/pictures/{pictureId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID pictureId) {
    access.work(farmId);
    pictures.put(farmId, pictureId, true);
  }

  @PostMapping("/pictures/{pictureId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable UUID farmId, @PathVariable UUID pictureId) {
    access.work(farmId);
    pictures.put(farmId, pictureId, false);
  }
}
