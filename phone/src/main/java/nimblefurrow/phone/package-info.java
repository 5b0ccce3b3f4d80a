/**
 * What of {@code core} is compiled for the browser, so that a count at the field's edge has its
 * verdict without a signal and no rule is written twice.
 */
@org.jspecify.annotations.NullMarked
package nimblefurrow.phone;
