/** Counts and pictures of a stand. */
@NullMarked
package nimblefurrow.core.count;

import org.jspecify.annotations.NullMarked;
