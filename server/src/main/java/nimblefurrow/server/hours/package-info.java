/** Hours fit for work over the coming days. */
@NullMarked
package nimblefurrow.server.hours;

import org.jspecify.annotations.NullMarked;
