package nimblefurrow.core.ending;

import java.time.LocalDate;

/**
 * What follows the cover.
 *
 * @param kind corn, soybeans or another crop
 * @param plantOn the day it is planted
 */
public record NextCrop(Kind kind, LocalDate plantOn) {
  /** Kinds that decide how a cover may end. */
  public enum Kind {
    CORN("corn", "corn"),
    SOYBEAN("soybean", "soybeans"),
    OTHER("other", "the next crop");

    private final String key;
    private final String label;

    Kind(String key, String label) {
      this.key = key;
      this.label = label;
    }

    /** {@return the name in tables and labels} */
    public String key() {
      return key;
    }

    /** {@return its name in a grower's words} */
    public String label() {
      return label;
    }
  }
}
