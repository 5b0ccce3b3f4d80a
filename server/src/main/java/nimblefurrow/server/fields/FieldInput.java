package nimblefurrow.server.fields;

import org.jspecify.annotations.Nullable;

/**
 * A field as edited.
 *
 * @param version the version that was read; null for a new field
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
    @Nullable String leftOutReason,
    CropView crop,
    CropView nextCrop) {}
