/** Papers of lots, products, fields and the farm. */
@NullMarked
package nimblefurrow.server.paper;

import org.jspecify.annotations.NullMarked;
