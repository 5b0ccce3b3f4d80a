/** Strips on a field, from the question to what they say, and how sure it is. */
@NullMarked
package nimblefurrow.core.trial;

import org.jspecify.annotations.NullMarked;
