package nimblefurrow.core.units;

import java.util.Arrays;
import java.util.Optional;

/**
 * A kind of something with a name that is stored and sent. Enums that have one say it as their
 * text, so that whatever writes or reads them by their text agrees.
 */
public interface Keyed {
  /** {@return the name stored and on the wire} */
  String key();

  /**
   * {@return the one of a key; nothing when there is none}
   *
   * @param <K> kind of kind
   * @param all of the kind
   * @param key name on the wire
   */
  static <K extends Keyed> Optional<K> find(K[] all, String key) {
    return Arrays.stream(all).filter(k -> k.key().equals(key)).findFirst();
  }
}
