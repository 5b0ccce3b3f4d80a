/** Nitrogen of fields between one crop and the next. */
@NullMarked
package nimblefurrow.server.nutrient;

import org.jspecify.annotations.NullMarked;
