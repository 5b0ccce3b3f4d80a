/** Quantities, units and the wording of reasons. */
@NullMarked
package nimblefurrow.core.units;

import org.jspecify.annotations.NullMarked;
