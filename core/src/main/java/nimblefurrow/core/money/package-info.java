/** Money: what is owed, what a change brings, what owning costs. */
@NullMarked
package nimblefurrow.core.money;

import org.jspecify.annotations.NullMarked;
