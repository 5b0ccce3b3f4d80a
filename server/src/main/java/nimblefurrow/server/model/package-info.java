/** The season model's public door. */
@NullMarked
package nimblefurrow.server.model;

import org.jspecify.annotations.NullMarked;
