/** What things cost and bring on a farm, each with where the figure is from. */
@NullMarked
package nimblefurrow.core.price;

import org.jspecify.annotations.NullMarked;
