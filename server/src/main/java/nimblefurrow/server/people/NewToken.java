package nimblefurrow.server.people;

import java.util.UUID;

/** A token just made; its secret is shown this once. */
public record NewToken(UUID id, String name, String secret) {}
