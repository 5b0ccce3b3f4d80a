/** How a field stands today: what is written down, what is likely, what is due without a word. */
@org.jspecify.annotations.NullMarked
package nimblefurrow.core.standing;
