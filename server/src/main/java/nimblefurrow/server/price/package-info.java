/** The farm's price book. */
@NullMarked
package nimblefurrow.server.price;

import org.jspecify.annotations.NullMarked;
