package nimblefurrow.server.plan;

import java.util.UUID;

/**
 * A cover as it is stored for a piece: one link of its chain.
 *
 * @param id what tells it from the piece's other covers
 * @param seasonYear the season it was planned in
 */
public record PlanView(UUID id, UUID pieceId, int seasonYear, long version, PlanInput plan) {}
