/** What a plan may come to: odds and ranges over the years of a station. */
@NullMarked
package nimblefurrow.core.outlook;

import org.jspecify.annotations.NullMarked;
