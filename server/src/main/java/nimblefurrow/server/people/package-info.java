/** Accounts, sign-in, tokens and roles. */
@NullMarked
package nimblefurrow.server.people;

import org.jspecify.annotations.NullMarked;
