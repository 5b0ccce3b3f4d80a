/** Pictures on entries of the record: kept upright and small, by day and spot. */
@NullMarked
package nimblefurrow.server.picture;

import org.jspecify.annotations.NullMarked;
