package nimblefurrow.server.chain;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.KeptAnswers;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** Chains of fields and the farm's years. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class ChainController {
  /** Years shown before and after this one where nobody asks for others. */
  private static final int PAST = 3;

  private static final int AHEAD = 2;
  private static final int MOST_YEARS = 12;

  private final ChainService chains;
  private final FieldService fields;
  private final FarmService farms;
  private final Access access;
  private final KeptAnswers kept;

  ChainController(
      ChainService chains,
      FieldService fields,
      FarmService farms,
      Access access,
      KeptAnswers kept) {
    this.kept = kept;
    this.chains = chains;
    this.fields = fields;
    this.farms = farms;
    this.access = access;
  }

  /** Years as someone looks at them. */
  private record YearsAsked(FarmView farm, int first, int last) {}

  /**
   * Why a field is left out.
   *
   * @param reason none takes it in again
   */
  record LeftOut(@Nullable String reason) {}

  @GetMapping("/fields/{fieldId}/chain")
  ChainViews.ChainView chain(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    return chains.chain(farmId, fieldId);
  }

  /** Light at the ground of this season and the next: what a smother chain leaves a weed. */
  @GetMapping("/fields/{fieldId}/shade")
  List<ChainViews.ShadeView> shade(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    int season = farms.get(farmId).seasonYear();
    fields.get(farmId, fieldId);
    return chains.shade(farmId, fieldId, season, season + 1);
  }

  @GetMapping("/years")
  @ApiResponse(
      responseCode = "200",
      content = @Content(schema = @Schema(implementation = ChainViews.YearsView.class)))
  @Nullable ResponseEntity<byte[]> years(
      WebRequest request,
      @PathVariable UUID farmId,
      @RequestParam(required = false) @Nullable Integer from,
      @RequestParam(required = false) @Nullable Integer to) {
    FarmView farm = farms.see(farmId);
    int now = farm.thisSeason();
    int first = from == null ? now - PAST : from;
    int last = to == null ? now + AHEAD : to;
    if (last < first || last - first >= MOST_YEARS) {
      throw new Refused("to", "Ask for 1 to " + MOST_YEARS + " years, the first one first.");
    }
    return kept.of(
        farmId,
        new YearsAsked(farm, first, last),
        request,
        () -> chains.years(farmId, first, last));
  }

  @PutMapping("/fields/{fieldId}/crops/{year}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void plant(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable int year,
      @RequestBody CropView crop) {
    access.manage(farmId);
    fields.plant(farmId, fieldId, year, crop);
  }

  @PutMapping("/fields/{fieldId}/left-out/{year}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void leaveOut(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable int year,
      @RequestBody LeftOut why) {
    access.manage(farmId);
    fields.leaveOut(farmId, fieldId, year, why.reason());
  }
}
