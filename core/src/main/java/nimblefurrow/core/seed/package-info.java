/** Pure live seed, mixes by three entries, and what may go wrong with them. */
@NullMarked
package nimblefurrow.core.seed;

import org.jspecify.annotations.NullMarked;
