/** Ways of ending a cover and when each fits. */
@NullMarked
package nimblefurrow.core.ending;

import org.jspecify.annotations.NullMarked;
