package nimblefurrow.server.fields;

import java.util.UUID;

/** One of several fields that are saved together. */
public record FieldToPut(UUID id, FieldInput field) {}
