/** A farm, its people and its clock. */
@NullMarked
package nimblefurrow.server.farm;

import org.jspecify.annotations.NullMarked;
