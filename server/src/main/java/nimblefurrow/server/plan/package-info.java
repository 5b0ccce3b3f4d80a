/** Covers planned on fields: proposed, accepted, changed and undone. */
@NullMarked
package nimblefurrow.server.plan;

import org.jspecify.annotations.NullMarked;
