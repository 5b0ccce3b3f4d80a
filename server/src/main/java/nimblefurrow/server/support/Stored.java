package nimblefurrow.server.support;

import org.mapstruct.MapperConfig;
import org.mapstruct.ReportingPolicy;

/**
 * How shapes that are stored as JSON are made from what is spoken of, and read back: every part of
 * one must have its place in the other, or it does not compile. A shape that has to change gets a
 * migration that moves its rows, and its old row in the tests a new form to be read as.
 */
@MapperConfig(unmappedTargetPolicy = ReportingPolicy.ERROR, suppressTimestampInGenerated = true)
public interface Stored {}
