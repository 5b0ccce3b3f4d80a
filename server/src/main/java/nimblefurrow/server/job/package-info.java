/** One seeding job: sheet for the crew, lines, prices, and what came of it. */
@NullMarked
package nimblefurrow.server.job;

import org.jspecify.annotations.NullMarked;
