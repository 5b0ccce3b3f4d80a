package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;

/**
 * The days on which crops were wished, before an ending moved them: told by whoever keeps those.
 */
public interface WishedDays {
  /**
   * What a choice of an ending did to the planting behind it.
   *
   * @param wished the day it was wished
   * @param setTo the day the choice set; another day since is a wish of its own
   */
  record Moved(LocalDate wished, LocalDate setTo) {
    /** The day that is wished when the crop is to be planted on a day. */
    LocalDate behind(LocalDate plantOn) {
      return plantOn.equals(setTo) ? wished : plantOn;
    }
  }

  /** The last choice of each field in a season, by field. */
  Map<UUID, Moved> of(UUID farmId, int seasonYear);
}
