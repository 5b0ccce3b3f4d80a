/** A farm whole: its rows taken out of the database and put in again. */
@NullMarked
package nimblefurrow.server.archive;

import org.jspecify.annotations.NullMarked;
