/** What was done on the fields. */
@NullMarked
package nimblefurrow.server.worklog;

import org.jspecify.annotations.NullMarked;
