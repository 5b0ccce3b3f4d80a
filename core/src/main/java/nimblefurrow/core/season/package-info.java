/** The season model: one field, one cover, one season, a day at a time. */
@NullMarked
package nimblefurrow.core.season;

import org.jspecify.annotations.NullMarked;
