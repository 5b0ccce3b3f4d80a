package nimblefurrow.server.fields;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A field and its crops of this and the next season.
 *
 * @param version for saving: the version that was read
 * @param areaHa what is worked with: given if given, else computed
 * @param computedAreaHa area of the boundary on the WGS 84 ellipsoid
 * @param givenAreaHa area the grower works with instead
 * @param landlord whose ground it is; empty for the farm's own
 * @param hazards what a driver must know before going in; empty where nothing was said
 * @param ofField what it is a piece of; null for a field that was never divided
 * @param pieces the parts with a chain of their own; one unless the field is divided
 */
public record FieldView(
    UUID id,
    long version,
    String name,
    double areaHa,
    double computedAreaHa,
    @Nullable Double givenAreaHa,
    String texture,
    String drainage,
    boolean tiled,
    double slopePercent,
    boolean erodible,
    boolean organic,
    String rotationNotes,
    String landlord,
    String hazards,
    @Nullable String leftOutReason,
    CropView crop,
    CropView nextCrop,
    @Nullable UUID ofField,
    List<PieceView> pieces) {
  /** A part of a field. */
  public record PieceView(UUID id, String name, double share) {}

  /** The piece whose chain the field's screens show. */
  public UUID piece() {
    return pieces.get(0).id();
  }
}
