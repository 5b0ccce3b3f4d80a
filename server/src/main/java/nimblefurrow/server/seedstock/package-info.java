/** Seed lots, mixes of the farm, what is used and what is to be bought. */
@NullMarked
package nimblefurrow.server.seedstock;

import org.jspecify.annotations.NullMarked;
