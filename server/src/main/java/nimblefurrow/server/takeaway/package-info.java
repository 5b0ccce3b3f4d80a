/** Plans as files, calendars and sheets, and back. */
@NullMarked
package nimblefurrow.server.takeaway;

import org.jspecify.annotations.NullMarked;
