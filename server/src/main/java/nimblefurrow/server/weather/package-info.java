/** Stations, their daily weather and what it makes of a season. */
@NullMarked
package nimblefurrow.server.weather;

import org.jspecify.annotations.NullMarked;
