/** Money: what is owed. */
@NullMarked
package nimblefurrow.core.money;

import org.jspecify.annotations.NullMarked;
