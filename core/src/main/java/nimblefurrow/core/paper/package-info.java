/** Papers that are kept with what they are about, and what they allow. */
@NullMarked
package nimblefurrow.core.paper;

import org.jspecify.annotations.NullMarked;
