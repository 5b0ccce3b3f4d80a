/** Strips on fields: laid out, logged, and read. */
@NullMarked
package nimblefurrow.server.trial;

import org.jspecify.annotations.NullMarked;
