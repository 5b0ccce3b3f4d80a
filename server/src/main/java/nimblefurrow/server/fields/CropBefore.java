package nimblefurrow.server.fields;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The crop of a year as a rotation sets it, or as it was before, kept to go back to.
 *
 * @param kind null when none was said
 * @param rotationId the rotation it came of; null when it was set by hand
 */
public record CropBefore(
    @Nullable String kind,
    @Nullable LocalDate plantedOn,
    @Nullable Double maturity,
    @Nullable Double rowSpacingM,
    @Nullable LocalDate harvestOn,
    @Nullable UUID rotationId) {
  static final CropBefore NONE = new CropBefore(null, null, null, null, null, null);

  /** A crop of a rotation's year, of which nothing but its kind is said. */
  public static CropBefore rotated(String kind, UUID rotation) {
    return new CropBefore(kind, null, null, null, null, rotation);
  }

  static CropBefore of(CropView crop, @Nullable UUID rotation) {
    return new CropBefore(
        crop.kind(),
        crop.plantedOn(),
        crop.maturity(),
        crop.rowSpacingM(),
        crop.harvestOn(),
        rotation);
  }

  @Nullable CropView crop() {
    return kind == null ? null : new CropView(kind, plantedOn, maturity, rowSpacingM, harvestOn);
  }
}
