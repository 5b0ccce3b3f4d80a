package nimblefurrow.server.picture;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.Spots;
import org.jspecify.annotations.Nullable;

/**
 * A picture of a field.
 *
 * @param kind what its entry says was done or seen
 * @param place where it was taken; null where that is not known or was taken off
 * @param spot pictures of one spot share it; −1 where no place is known
 * @param green share of the ground under green leaves; null where it was not measured
 * @param width px
 * @param height px
 * @param by who took it; null where that is not known any more
 */
record PictureView(
    UUID id,
    UUID entryId,
    LogKind kind,
    LocalDate takenOn,
    Spots.@Nullable Place place,
    int spot,
    @Nullable Double green,
    int width,
    int height,
    @Nullable String by) {}
