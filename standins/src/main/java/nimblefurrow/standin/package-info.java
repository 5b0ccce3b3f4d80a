/** Simulated devices that speak documented local HTTP: a seed-rate monitor, a drone controller. */
@NullMarked
package nimblefurrow.standin;

import org.jspecify.annotations.NullMarked;
