/** The work: crew, the plan of who does what when, and laying it out. */
@NullMarked
package nimblefurrow.server.work;

import org.jspecify.annotations.NullMarked;
