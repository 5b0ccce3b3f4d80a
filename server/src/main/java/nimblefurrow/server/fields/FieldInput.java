package nimblefurrow.server.fields;

import org.jspecify.annotations.Nullable;

/**
 * A field as edited.
 *
 * @param version the version that was read; null for a new field
 * @param landlord whose ground it is; empty for the farm's own, null leaves it as it is
 * @param hazards what a driver must know before going in; null leaves it as it is
 */
public record FieldInput(
    @Nullable Long version,
    String name,
    @Nullable Double givenAreaHa,
    String texture,
    String drainage,
    boolean tiled,
    double slopePercent,
    boolean erodible,
    boolean organic,
    String rotationNotes,
    @Nullable String landlord,
    @Nullable String hazards,
    @Nullable String leftOutReason,
    CropView crop,
    CropView nextCrop) {}
