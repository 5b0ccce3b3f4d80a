/** Laying out the work of many fields on few machines: what is asked, the walk, the search. */
@NullMarked
package nimblefurrow.core.schedule;

import org.jspecify.annotations.NullMarked;
