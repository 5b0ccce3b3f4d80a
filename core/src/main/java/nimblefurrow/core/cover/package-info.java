/** Cover crop species, mixes and what seed is worth. */
@NullMarked
package nimblefurrow.core.cover;

import org.jspecify.annotations.NullMarked;
