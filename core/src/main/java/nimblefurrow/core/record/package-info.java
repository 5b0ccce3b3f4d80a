/**
 * The record of a field: what was done and seen. Each kind of entry says here, and nowhere else,
 * what figures and words it carries; forms, checks, papers and the season read it off.
 */
@org.jspecify.annotations.NullMarked
package nimblefurrow.core.record;
