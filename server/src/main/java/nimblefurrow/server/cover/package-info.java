/** The species a farm can choose from: the table that ships, and the farm's own. */
@NullMarked
package nimblefurrow.server.cover;

import org.jspecify.annotations.NullMarked;
