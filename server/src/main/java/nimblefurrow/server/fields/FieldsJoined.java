package nimblefurrow.server.fields;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * Pieces are worked as one from a day on, with the past of both.
 *
 * @param parts the fields they were, whose chain goes on first
 * @param joined the field they are
 * @param partPieces the ground theirs grew on
 * @param joinedPiece the ground its chain grows on
 */
public record FieldsJoined(
    UUID farmId,
    List<UUID> parts,
    UUID joined,
    List<UUID> partPieces,
    UUID joinedPiece,
    LocalDate on) {}
