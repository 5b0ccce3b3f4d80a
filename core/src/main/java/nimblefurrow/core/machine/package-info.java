/** Machines: what they do, how fast, at what price. */
@NullMarked
package nimblefurrow.core.machine;

import org.jspecify.annotations.NullMarked;
