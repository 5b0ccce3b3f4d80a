package nimblefurrow.server.people;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A token without its secret. */
public record TokenView(UUID id, String name, Instant createdAt, @Nullable Instant lastUsedAt) {}
