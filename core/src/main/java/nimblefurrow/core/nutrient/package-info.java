/** Nutrients that are brought out, and what of them the crop gets. */
@NullMarked
package nimblefurrow.core.nutrient;

import org.jspecify.annotations.NullMarked;
