/** Makes the browser's module when the program is built. */
@org.jspecify.annotations.NullMarked
package nimblefurrow.phone.build;
