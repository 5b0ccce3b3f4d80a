/** Hours of a day in which field work can be done. */
@NullMarked
package nimblefurrow.core.hours;

import org.jspecify.annotations.NullMarked;
