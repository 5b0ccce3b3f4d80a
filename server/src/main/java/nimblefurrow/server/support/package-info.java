/** What every capability shares: problems as sentences, reasons on the wire. */
@NullMarked
package nimblefurrow.server.support;

import org.jspecify.annotations.NullMarked;
