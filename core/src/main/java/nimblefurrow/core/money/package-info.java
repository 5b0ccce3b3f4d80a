/** Money: bills and what is owed, accounts of covers, what a change brings, what owning costs. */
@NullMarked
package nimblefurrow.core.money;

import org.jspecify.annotations.NullMarked;
