/** What a farm's own record says of the forecasts made for it, and whether it is taken. */
@NullMarked
package nimblefurrow.server.learn;

import org.jspecify.annotations.NullMarked;
