package nimblefurrow.server.worklog;

import nimblefurrow.core.units.Unit;

/**
 * A product that went out, as the record keeps and tells it.
 *
 * @param name as its label was entered
 * @param ratePerHa in its unit
 * @param unit of the rate
 */
public record ProductOut(String name, double ratePerHa, Unit unit) {}
