/** The made-up farm. */
@NullMarked
package nimblefurrow.server.demo;

import org.jspecify.annotations.NullMarked;
