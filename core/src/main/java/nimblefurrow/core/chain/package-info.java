/** A field as a chain of crops and covers. */
@NullMarked
package nimblefurrow.core.chain;

import org.jspecify.annotations.NullMarked;
