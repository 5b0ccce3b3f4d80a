package nimblefurrow.server.plan;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A cover as it is stored for a piece: one link of its chain.
 *
 * @param id what tells it from the piece's other covers
 * @param seasonYear the season it was planned in
 * @param rotation the rotation it came of; null when it was set by hand
 */
public record PlanView(
    UUID id, UUID pieceId, int seasonYear, long version, @Nullable UUID rotation, PlanInput plan) {}
