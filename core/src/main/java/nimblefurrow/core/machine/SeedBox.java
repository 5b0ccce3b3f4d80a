package nimblefurrow.core.machine;

import org.jspecify.annotations.Nullable;

/**
 * What a machine carries and how it is filled.
 *
 * @param hopperM3 volume of the hopper or tank
 * @param payloadKg most mass it may carry; null when a full hopper is not too heavy
 * @param refillS a refill takes
 * @param tenderM how far from the field it fills, one way; null where that is not known
 * @param ferryKmh on the way there; null for its speed on the pass
 * @param batteryMin a battery lasts; null without
 */
public record SeedBox(
    double hopperM3,
    @Nullable Double payloadKg,
    double refillS,
    @Nullable Double tenderM,
    @Nullable Double ferryKmh,
    @Nullable Double batteryMin) {}
