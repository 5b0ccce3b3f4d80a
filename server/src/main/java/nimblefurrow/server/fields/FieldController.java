package nimblefurrow.server.fields;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.TakenAway;
import nimblefurrow.server.weather.WeatherService;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Fields of a farm. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class FieldController {
  private final FieldService fields;
  private final FieldImport imports;
  private final FarmService farms;
  private final PieceService pieces;
  private final WeatherService weather;
  private final Access access;

  FieldController(
      FieldService fields,
      FieldImport imports,
      FarmService farms,
      WeatherService weather,
      Access access,
      PieceService pieces) {
    this.pieces = pieces;
    this.fields = fields;
    this.imports = imports;
    this.farms = farms;
    this.weather = weather;
    this.access = access;
  }

  record Imported(int fields) {}

  @GetMapping("/fields")
  List<FieldView> list(@PathVariable UUID farmId) {
    access.see(farmId);
    return fields.list(farmId);
  }

  @GetMapping("/fields/{fieldId}")
  FieldView get(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    return fields.get(farmId, fieldId);
  }

  @GetMapping("/shapes")
  List<ShapeView> shapes(@PathVariable UUID farmId) {
    access.see(farmId);
    return fields.shapes(farmId);
  }

  @PostMapping("/fields")
  FieldView add(@PathVariable UUID farmId, @RequestBody FieldInput input) {
    access.manage(farmId);
    return fields.add(farmId, input, null);
  }

  /** Saves several fields: all of them, or none. */
  @PutMapping("/fields")
  List<FieldView> change(@PathVariable UUID farmId, @RequestBody List<FieldToPut> several) {
    access.manage(farmId);
    return fields.change(farmId, several);
  }

  @PutMapping("/fields/{fieldId}")
  FieldView change(
      @PathVariable UUID farmId, @PathVariable UUID fieldId, @RequestBody FieldInput input) {
    access.manage(farmId);
    return fields.change(farmId, fieldId, input);
  }

  /** What a division would make of a field; nothing changes. */
  @PostMapping("/fields/{fieldId}/split/preview")
  List<PieceService.PartView> preview(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestBody PieceService.SplitInput input) {
    access.see(farmId);
    return pieces.preview(farmId, fieldId, input);
  }

  @PostMapping("/fields/{fieldId}/split")
  List<FieldView> split(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestBody PieceService.SplitInput input) {
    access.manage(farmId);
    return pieces.split(farmId, fieldId, input).stream().map(id -> fields.get(farmId, id)).toList();
  }

  @PostMapping("/fields/join")
  FieldView join(@PathVariable UUID farmId, @RequestBody PieceService.JoinInput input) {
    access.manage(farmId);
    return fields.get(farmId, pieces.join(farmId, input));
  }

  @DeleteMapping("/fields/{fieldId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.manage(farmId);
    fields.remove(farmId, fieldId, access.person().id());
  }

  /** Fields that were taken off the farm in the last 30 days, latest first. */
  @GetMapping("/fields/away")
  List<TakenAway.Away> away(@PathVariable UUID farmId) {
    access.see(farmId);
    return fields.away(farmId);
  }

  /** Brings back a field that was taken off, with its plans and its log. */
  @PostMapping("/fields/{fieldId}/restore")
  FieldView restore(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.manage(farmId);
    return fields.restore(farmId, fieldId);
  }

  @PostMapping(path = "/fields/import/check", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  FieldImport.Check check(
      @PathVariable UUID farmId,
      @RequestPart("file") MultipartFile file,
      @RequestParam(required = false) @Nullable String nameProperty)
      throws IOException {
    access.manage(farmId);
    Double latitude =
        weather.find(farms.get(farmId)).map(w -> w.place().latitudeDeg()).orElse(null);
    return imports.check(farmId, file.getBytes(), nameProperty, latitude);
  }

  @PostMapping(path = "/fields/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  Imported take(
      @PathVariable UUID farmId,
      @RequestPart("file") MultipartFile file,
      @RequestParam(required = false) @Nullable String nameProperty,
      @RequestParam(defaultValue = "false") boolean skipUnsound)
      throws IOException {
    access.manage(farmId);
    return new Imported(imports.take(farmId, file.getBytes(), nameProperty, skipUnsound));
  }
}
