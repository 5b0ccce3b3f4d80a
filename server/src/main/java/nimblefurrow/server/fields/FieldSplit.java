package nimblefurrow.server.fields;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A field was divided into pieces that are worked apart from a day on: whoever keeps something of
 * it gives each part its past.
 *
 * @param whole the field it was
 * @param parts the fields they are
 * @param shares of the whole's area, in the order of the parts
 * @param wholePiece the ground its chain grew on
 * @param partPieces the ground theirs grow on, in the order of the parts
 */
public record FieldSplit(
    UUID farmId,
    UUID whole,
    List<UUID> parts,
    List<Double> shares,
    UUID wholePiece,
    List<UUID> partPieces,
    LocalDate on) {}
