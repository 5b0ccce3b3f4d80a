/** Setting a seeding machine: catches, flows, tries, patterns, depths. */
@NullMarked
package nimblefurrow.core.setting;

import org.jspecify.annotations.NullMarked;
