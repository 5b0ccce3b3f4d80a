package nimblefurrow.server.cover;

import nimblefurrow.core.cover.OwnSpecies;
import org.jspecify.annotations.Nullable;

/**
 * A species of the farm's own.
 *
 * @param version for saving: the version that was read; null for a new one
 */
public record OwnSpeciesView(@Nullable Long version, OwnSpecies facts) {}
