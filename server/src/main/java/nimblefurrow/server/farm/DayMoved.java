package nimblefurrow.server.farm;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A demonstration's day was moved.
 *
 * @param was the day before
 * @param now the day it is
 */
public record DayMoved(UUID farmId, LocalDate was, LocalDate now) {}
