/** The ending of a cover: ways side by side, the choice, sheets for the work, and after. */
@NullMarked
package nimblefurrow.server.ending;

import org.jspecify.annotations.NullMarked;
