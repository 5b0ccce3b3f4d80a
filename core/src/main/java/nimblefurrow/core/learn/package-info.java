/** What a farm's own records say of the forecasts made for it. */
@org.jspecify.annotations.NullMarked
package nimblefurrow.core.learn;
