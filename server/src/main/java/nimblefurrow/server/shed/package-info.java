/** Machines, what they carry, and what was found when they were set. */
@NullMarked
package nimblefurrow.server.shed;

import org.jspecify.annotations.NullMarked;
