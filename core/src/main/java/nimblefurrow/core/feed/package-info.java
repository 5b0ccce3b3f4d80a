/** Feed that stands in the field: grazed, or cut and baled. */
@NullMarked
package nimblefurrow.core.feed;

import org.jspecify.annotations.NullMarked;
