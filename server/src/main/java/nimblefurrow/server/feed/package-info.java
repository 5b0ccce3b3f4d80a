/** Animals on covers. */
@NullMarked
package nimblefurrow.server.feed;

import org.jspecify.annotations.NullMarked;
