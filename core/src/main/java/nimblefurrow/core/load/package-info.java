/** Loads, legs, swaths over a field, and prices for hired work. */
@NullMarked
package nimblefurrow.core.load;

import org.jspecify.annotations.NullMarked;
