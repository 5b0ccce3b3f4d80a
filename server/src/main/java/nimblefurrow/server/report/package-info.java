/** Reports on paper and as tables, numbered, from what was planned, done and seen. */
@NullMarked
package nimblefurrow.server.report;

import org.jspecify.annotations.NullMarked;
