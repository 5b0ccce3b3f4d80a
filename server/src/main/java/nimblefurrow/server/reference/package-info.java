/** What the web would otherwise have to know of the job by itself. */
@NullMarked
package nimblefurrow.server.reference;

import org.jspecify.annotations.NullMarked;
