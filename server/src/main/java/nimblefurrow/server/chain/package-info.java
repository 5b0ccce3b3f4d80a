/** What grows on fields over the years: chains, the table of years, rotations. */
@NullMarked
package nimblefurrow.server.chain;

import org.jspecify.annotations.NullMarked;
