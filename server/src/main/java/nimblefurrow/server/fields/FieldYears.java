package nimblefurrow.server.fields;

import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * A field over the years.
 *
 * @param version for saving: the version that was read
 * @param piece the ground its chain grows on
 * @param crops the crop of each year that says one, by the year it is taken off
 * @param rotated the years whose crop came of a rotation and nobody has set since
 * @param leftOut why it is left out of covers, by season
 */
public record FieldYears(
    UUID id,
    long version,
    String name,
    double areaHa,
    UUID piece,
    Map<Integer, CropView> crops,
    Set<Integer> rotated,
    Map<Integer, String> leftOut) {}
