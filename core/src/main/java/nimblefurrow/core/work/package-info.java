/** Jobs out of plans: how long they take, what a day is worth, who and what does them. */
@NullMarked
package nimblefurrow.core.work;

import org.jspecify.annotations.NullMarked;
