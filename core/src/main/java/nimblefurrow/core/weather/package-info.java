/** Daily weather, the sky above a place, and made-up weather for demonstrations. */
@NullMarked
package nimblefurrow.core.weather;

import org.jspecify.annotations.NullMarked;
