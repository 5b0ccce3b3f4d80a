/** Ways of placing seed and the windows in which each can work. */
@NullMarked
package nimblefurrow.core.seeding;

import org.jspecify.annotations.NullMarked;
