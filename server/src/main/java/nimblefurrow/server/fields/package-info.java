/** Fields, their pieces and their crops. */
@NullMarked
package nimblefurrow.server.fields;

import org.jspecify.annotations.NullMarked;
