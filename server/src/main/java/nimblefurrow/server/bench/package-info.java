/** Calculators without memory: a question in, an answer out. */
@NullMarked
package nimblefurrow.server.bench;

import org.jspecify.annotations.NullMarked;
