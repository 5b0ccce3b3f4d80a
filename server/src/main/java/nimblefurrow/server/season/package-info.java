/** The season of a farm and of a field: windows, growth, odds and endings. */
@NullMarked
package nimblefurrow.server.season;

import org.jspecify.annotations.NullMarked;
