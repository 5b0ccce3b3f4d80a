package nimblefurrow.server.plan;

import java.util.UUID;

/** A stored plan of a piece. */
public record PlanView(UUID pieceId, long version, PlanInput plan) {}
