/** Pieces of fields and what grows on them one behind the other, over years. */
@NullMarked
package nimblefurrow.core.chain;

import org.jspecify.annotations.NullMarked;
