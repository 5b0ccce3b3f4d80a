/** Stands for the reader of comma-separated tables where core runs in a browser. */
@org.jspecify.annotations.NullMarked
package nimblefurrow.phone.csv;
