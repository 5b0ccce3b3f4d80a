package nimblefurrow.core.season;

import java.time.LocalDate;

/**
 * What one act did to a cover; masses in Mg/ha of dry matter. What was standing before is what
 * stands after and these four together.
 *
 * @param act the act
 * @param kill share of each component's plants killed
 * @param mulchMgPerHa laid down as mulch on the day
 * @param dyingMgPerHa killed but still standing, mulch by {@code brownOn}
 * @param takenOffMgPerHa carried or eaten off the field
 * @param buriedMgPerHa cover turned under
 * @param brownOn the day the last of the dying is brown; the day of the act when nothing fades
 */
public record EndingEffect(
    Ending act,
    double[] kill,
    double mulchMgPerHa,
    double dyingMgPerHa,
    double takenOffMgPerHa,
    double buriedMgPerHa,
    LocalDate brownOn) {}
