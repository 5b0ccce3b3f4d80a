/** What covers cost and bring, field by field and over the farm. */
@NullMarked
package nimblefurrow.server.money;

import org.jspecify.annotations.NullMarked;
